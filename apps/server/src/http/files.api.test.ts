import type { CsvReport, Page, WorkshopFile } from '@bold-heron/schema'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { startTestServer, type TestServer } from '../testing/test-server.js'

let server: TestServer
beforeAll(async () => {
  server = await startTestServer({ demo: true })
})
afterAll(() => server.close())

const exported = async (): Promise<WorkshopFile> => (await server.api.get('/api/workshop')).body as WorkshopFile
const withoutTime = ({ exportedAt: _, ...file }: WorkshopFile) => file
const csv = async (name: string) => (await server.api.get(`/api/csv/${name}`).buffer(true)).text
const send = async (name: string, text: string) =>
  (await server.api.post(`/api/csv/${name}`).set('Content-Type', 'text/csv').send(text)).body as CsvReport

describe('the workshop file', () => {
  it('comes back without loss', async () => {
    await server.api.delete(`/api/plates/${(await exported()).plates[0]!.id}`)
    const file = await exported()
    expect(file.plates.some((plate) => plate.deletedAt !== null)).toBe(true)
    const other = await server.api.put('/api/workshop').send(file)
    expect(other.status).toBe(200)
    expect(withoutTime(await exported())).toEqual(withoutTime(file))
  })

  it('is taken whole or not at all', async () => {
    const before = withoutTime(await exported())
    const file = await exported()
    const broken = { ...file, jobs: [{ ...file.jobs[0]!, pressId: '00000000-0000-4000-8000-000000000000' }] }
    const answer = await server.api.put('/api/workshop').send(broken)
    expect(answer.status).toBe(422)
    expect(withoutTime(await exported())).toEqual(before)
  })

  it.each([
    ['another format', { format: 'something-else' }],
    ['a later version', { version: 99 }],
    ['a list too few', { plates: undefined }],
  ])('%s is refused', async (_, change) => {
    expect((await server.api.put('/api/workshop').send({ ...(await exported()), ...change })).status).toBe(422)
  })
})

describe('CSV', () => {
  it.each(['plates', 'presses', 'dies', 'sheets', 'runs'])('of %s reads back as it was written', async (name) => {
    const before = withoutTime(await exported())
    const text = await csv(name)
    const report = await send(name, text)
    expect(report).toMatchObject({ imported: true, added: 0, refused: [] })
    expect(report.changed).toBe(report.rows)
    expect(await csv(name)).toBe(text)
    // Saving again counts a version up; all else is the same.
    const after = withoutTime(await exported())
    const plain = (file: typeof before) =>
      JSON.parse(
        JSON.stringify(file, (key, value: unknown) => (/^(version|updatedAt)$/.test(key) ? 0 : value)),
      ) as object
    expect(plain(after)).toEqual(plain(before))
  })

  it('adds rows without an id, with lengths as people write them', async () => {
    const report = await send(
      'plates',
      'name,kind,count,thickness_mm,measured_by,length_mm,width_mm,full_thickness_width_mm\n' +
        'Tin sheet,shim,2,0.2,caliper,8 1/4 in,6 in,6"\n',
    )
    expect(report).toMatchObject({ imported: true, added: 1 })
    const { items } = (await server.api.get('/api/plates?q=Tin sheet')).body as Page<{ lengthMm: number }>
    expect(items[0]!.lengthMm).toBeCloseTo(209.55, 9)
  })

  it('names every refused row and why, and takes none', async () => {
    const before = await csv('dies')
    const report = await send(
      'dies',
      'name,die_class,length_mm,width_mm,height_mm,height_measured_by,blade_height_mm\n' +
        'Good,thin-outline,80,60,1,caliper,0.6\n' +
        'Bad,thin-outline,-3,60,1,caliper,0.6\n' +
        ',thin-anvil,80,60,1,caliper,7\n',
    )
    expect(report).toMatchObject({ imported: false, rows: 3, added: 0, changed: 0 })
    expect(report.refused.map(({ row, faults }) => [row, faults.map((fault) => fault.path).sort()])).toEqual([
      [2, ['lengthMm']],
      [3, ['dieClass', 'name']],
    ])
    expect(await csv('dies')).toBe(before)
  })

  it.each([
    ['an unknown column', 'name,colour_of_magic\nx,y\n', 'unknown-column'],
    ['a missing column', 'kind\nshim\n', 'missing-column'],
    ['no table at all', '\u0000\u0001\u0002', 'unknown-column'],
    ['a broken row', 'name,kind\n"x,shim\n', 'not-a-table'],
  ])('%s is refused in one sentence', async (_, text, code) => {
    const report = await send('plates', text)
    expect(report.imported).toBe(false)
    expect(report.refused[0]!.faults[0]!.code).toBe(code)
  })

  it('guards cells that a spreadsheet would run', async () => {
    const report = await send(
      'sheets',
      'name,kind,caliper_mm,caliper_by,length_mm,width_mm,stock,note\n"=1+1",film,0.2,caliper,100,100,1,@x\n',
    )
    expect(report.imported).toBe(true)
    const text = await csv('sheets')
    expect(text).toContain("'=1+1")
    expect((await send('sheets', text)).imported).toBe(true)
    const { items } = (await server.api.get('/api/sheets').query({ q: '=1+1' })).body as Page<{ name: string }>
    expect(items.map((item) => item.name)).toEqual(['=1+1'])
  })

  it('takes names for ids in the log, and refuses names it does not know', async () => {
    const line = (press: string) =>
      'at,job,press,dies,sheet,layers_mm,squeeze_mm,passes,seen,feel\n' +
      `2026-06-01T10:00:00Z,Compass roses,${press},Compass rose lace,Silver foil paper,` +
      '"Small board platform @ 7 | Clear pad, small @ 3.02 | [sheet] Silver foil paper @ 0.12 | [die] Compass rose lace @ 1",0.5,2,clean,firm\n'
    expect(await send('runs', line('Harbour hand press'))).toMatchObject({ imported: true, added: 1 })
    const refused = await send('runs', line('Nobody’s press'))
    expect(refused.refused[0]!.faults[0]).toMatchObject({ path: 'press', code: 'unknown-name' })
  })
})
