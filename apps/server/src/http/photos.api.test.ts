import { randomUUID } from 'node:crypto'
import type { Page, PhotoRow, RunRow, WorkshopFile } from '@bold-heron/schema'
import sharp from 'sharp'
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest'
import { startTestServer, type TestServer } from '../testing/test-server.js'

let server: TestServer
let runId: string
beforeAll(async () => {
  server = await startTestServer({ demo: true })
})
afterAll(() => server.close())
beforeEach(async () => {
  runId = ((await server.api.get('/api/runs?pageSize=1')).body as Page<RunRow>).items[0]!.id
})

const plain = (width: number, height: number) => sharp({ create: { width, height, channels: 3, background: '#c84' } })
const send = (content: Buffer, type = 'image/jpeg', to = runId) =>
  server.api.post(`/api/runs/${to}/photos`).set('Content-Type', type).send(content)
const photos = async () => (await server.api.get(`/api/runs/${runId}/photos`)).body as PhotoRow[]
const contentOf = async (id: string) => (await server.api.get(`/api/photos/${id}`).buffer(true)).body as Buffer

describe('a photo of a run', () => {
  it('is kept small and upright, without place, time or camera', async () => {
    const taken = await plain(3000, 2000)
      .jpeg()
      .withMetadata({ orientation: 6 })
      .withExif({ IFD0: { Make: 'Camera', Copyright: 'Somebody' }, IFD3: { GPSLatitude: '51/1 30/1 0/1' } })
      .toBuffer()
    expect((await sharp(taken).metadata()).exif).toBeDefined()
    const answer = await send(taken)
    expect(answer.status).toBe(201)
    const { id, width, height } = answer.body as PhotoRow
    expect([width, height]).toEqual([1067, 1600])
    const kept = await contentOf(id)
    const { format, exif, orientation, ...size } = await sharp(kept).metadata()
    expect([format, exif, orientation, size.width]).toEqual(['jpeg', undefined, undefined, 1067])
    expect(kept.includes('Somebody')).toBe(false)
  })

  it.each(['png', 'webp'] as const)('may be a %s, whatever it is called', async (format) => {
    expect((await send(await plain(40, 30).toFormat(format).toBuffer(), 'text/plain')).status).toBe(201)
  })

  it.each<[string, () => Buffer | Promise<Buffer>]>([
    ['text under the name of a photo', () => Buffer.from('<script>alert(1)</script>')],
    ['a drawing', () => Buffer.from('<svg xmlns="http://www.w3.org/2000/svg" width="9" height="9"/>')],
    ['half a photo', async () => (await plain(400, 300).jpeg().toBuffer()).subarray(0, 600)],
    ['more pixels than a camera makes', () => plain(9000, 9000).png().toBuffer()],
    ['a moving picture', () => plain(40, 30).gif().toBuffer()],
  ])('%s is refused', async (_, content) => {
    const before = (await photos()).length
    const answer = await send(await content())
    expect([answer.status, JSON.stringify(answer.body)]).toEqual([415, expect.stringContaining('JPEG')])
    expect((await photos()).length).toBe(before)
  })

  it('that is too large, or of no run, is refused', async () => {
    expect((await send(Buffer.alloc(21_000_000))).status).toBe(413)
    expect((await send(await plain(9, 9).jpeg().toBuffer(), 'image/jpeg', randomUUID())).status).toBe(404)
  })

  it('is deleted, and had back', async () => {
    const { id } = (await send(await plain(30, 30).jpeg().toBuffer())).body as PhotoRow
    const isListed = async () => (await photos()).some((photo) => photo.id === id)
    await server.api.delete(`/api/photos/${id}`)
    expect([await isListed(), (await server.api.get(`/api/photos/${id}`)).status]).toEqual([false, 404])
    await server.api.post(`/api/photos/${id}/restore`)
    expect(await isListed()).toBe(true)
  })

  it('a run keeps a dozen at most', async () => {
    const content = await plain(10, 10).jpeg().toBuffer()
    for (let left = 12 - (await photos()).length; left > 0; left--) expect((await send(content)).status).toBe(201)
    expect((await send(content)).status).toBe(422)
  })
})

it.each(['dies', 'plates'] as const)('%s are photographed too, and known by their first photo', async (kind) => {
  const { items } = (await server.api.get(`/api/${kind}?pageSize=2`)).body as Page<{ id: string }>
  const [one, other] = items.map(({ id }) => id)
  const firsts = async () =>
    (await server.api.get(`/api/first-photos?of=${kind}`)).body as { ofId: string; photoId: string }[]
  const picture = await plain(60, 40).jpeg().toBuffer()
  const take = async (id: string) =>
    (await server.api.post(`/api/${kind}/${id}/photos`).set('Content-Type', 'image/jpeg').send(picture))
      .body as PhotoRow
  const first = await take(one!)
  const second = await take(one!)
  expect([first.dieId ?? first.plateId, first.runId]).toEqual([one, null])
  expect(await firsts()).toEqual([{ ofId: one, photoId: first.id }])
  await server.api.delete(`/api/photos/${first.id}`)
  expect(await firsts()).toEqual([{ ofId: one, photoId: second.id }])
  expect((await server.api.get(`/api/${kind}/${other}/photos`)).body).toEqual([])
  expect((await server.api.get('/api/first-photos?of=sheets')).status).toBe(422)
  const file = (await server.api.get('/api/workshop')).body as WorkshopFile
  expect(file.photos.filter((photo) => (kind === 'dies' ? photo.dieId : photo.plateId) === one)).toHaveLength(2)
  await server.api.delete(`/api/photos/${second.id}`)
})

it('photos travel in the workshop file, and what is none there is refused before anything is replaced', async () => {
  const before = await photos()
  const file = (await server.api.get('/api/workshop')).body as WorkshopFile
  expect(file.photos.length).toBeGreaterThan(0)
  const spoilt = { ...file, photos: [{ ...file.photos[0]!, jpegBase64: Buffer.from('none').toString('base64') }] }
  const refused = await server.api.put('/api/workshop').send(spoilt)
  expect([refused.status, JSON.stringify(refused.body)]).toEqual([422, expect.stringContaining('photos.0')])
  expect(await photos()).toEqual(before)
  expect((await server.api.put('/api/workshop').send(file)).status).toBe(200)
  expect(await photos()).toEqual(before)
})
