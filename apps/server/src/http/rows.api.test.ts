import { plainRun, type PlateRow, problem } from '@bold-heron/schema'
import { sayProblem, speak } from '@bold-heron/words'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { dieInputs, plateInputs, pressInputOf, sheetInputs } from '../testing/inputs.js'
import { startTestServer, type TestServer } from '../testing/test-server.js'

let server: TestServer
beforeAll(async () => {
  server = await startTestServer()
})
afterAll(() => server.close())

const add = async (name: string, input: object): Promise<{ id: string; version: number }> => {
  const answer = await server.api.post(`/api/${name}`).send(input)
  expect(answer.status, JSON.stringify(answer.body)).toBe(201)
  return answer.body as { id: string; version: number }
}
const addJobParts = async () => {
  const platform = await add('plates', plateInputs.platform)
  const pad = await add('plates', plateInputs.pad)
  const press = await add('presses', pressInputOf([platform.id, pad.id, pad.id]))
  const die = await add('dies', dieInputs.leaf)
  const sheet = await add('sheets', sheetInputs.card)
  const run = { ...plainRun, dieIds: [die.id], sheetId: sheet.id, sheetCount: 1, bladeSide: 'down' }
  const job = { name: 'Leaves', pressId: press.id, wanted: 10, runs: [run] }
  return { platform, pad, press, die, sheet, job }
}

describe('rows of every kind', () => {
  it.each([
    ['plates', plateInputs.pad],
    ['presses', pressInputOf([])],
    ['dies', dieInputs.leaf],
    ['sheets', sheetInputs.card],
  ])('are added to %s, read, saved, retired, returned, deleted and restored', async (name, input) => {
    const added = await add(name, input)
    const at = `/api/${name}/${added.id}`
    expect((await server.api.get(at)).body).toMatchObject({ ...input, version: 1, retiredAt: null })
    const saved = await server.api
      .put(at)
      .set('If-Match', '"1"')
      .send({ ...input, name: 'Renamed' })
    expect(saved.body).toMatchObject({ name: 'Renamed', version: 2 })
    expect(saved.get('ETag')).toBe('"2"')
    // What it says of other things may change while its version does not.
    expect(saved.get('Cache-Control')).toBe('no-store')

    const listed = async (query = '') => {
      const answer = await server.api.get(`/api/${name}${query}`)
      return (answer.body as { items: { id: string }[] }).items.some((item) => item.id === added.id)
    }
    await server.api.post(`${at}/retire`)
    expect([await listed(), await listed('?retired=yes'), await listed('?retired=all')]).toEqual([false, true, true])
    await server.api.post(`${at}/return`)
    expect(await listed()).toBe(true)

    expect((await server.api.delete(at)).status).toBe(200)
    expect((await server.api.get(at)).status).toBe(404)
    expect(await listed('?retired=all')).toBe(false)
    expect((await server.api.post(`${at}/restore`)).body).toMatchObject({ name: 'Renamed' })
    expect(await listed()).toBe(true)
  })

  it('come in pages, each row once', async () => {
    for (let index = 0; index < 7; index++) await add('plates', { ...plateInputs.paper, name: `Paged ${index}` })
    const seen: string[] = []
    for (const page of [1, 2, 3]) {
      const answer = await server.api.get(`/api/plates?q=paged&page=${page}&pageSize=3`)
      expect(answer.body).toMatchObject({ total: 7, page, pageSize: 3 })
      seen.push(...(answer.body as { items: PlateRow[] }).items.map((item) => item.name))
    }
    expect(seen).toEqual([0, 1, 2, 3, 4, 5, 6].map((index) => `Paged ${index}`))
  })

  it('search takes pattern signs for themselves', async () => {
    await add('plates', { ...plateInputs.paper, name: '100% recycled' })
    const found = async (q: string) =>
      ((await server.api.get('/api/plates').query({ q })).body as { total: number }).total
    expect(await found('100%')).toBe(1)
    expect(await found('1%0')).toBe(0)
    expect(await found('_recycled')).toBe(0)
  })
})

describe('outlines of dies', () => {
  const ring = {
    source: 'drawing',
    fileName: 'ring.svg',
    lines: [
      [0, 0, 40, 0, 40, 40, 0, 40, 0, 0],
      [10, 10, 30, 10, 30, 30, 10, 30, 10, 10],
    ],
  }

  it('are measured, kept when the die is saved without them, and taken away when asked', async () => {
    const die = await add('dies', { ...dieInputs.leaf, outline: ring })
    const at = `/api/dies/${die.id}`
    const summary = { source: 'drawing', fileName: 'ring.svg', lineMm: 240, openings: 1 }
    expect((await server.api.get(at)).body).toMatchObject({ outline: summary })
    expect((await server.api.get(`${at}/outline`)).body).toEqual(ring)
    await server.api
      .put(at)
      .set('If-Match', '"1"')
      .send({ ...dieInputs.leaf, name: 'Renamed' })
    expect((await server.api.get(at)).body).toMatchObject({ name: 'Renamed', outline: summary })
    await server.api
      .put(at)
      .set('If-Match', '"2"')
      .send({ ...dieInputs.leaf, outline: null })
    expect((await server.api.get(at)).body).toMatchObject({ outline: null })
    expect((await server.api.get(`${at}/outline`)).status).toBe(404)
  })

  it.each([
    ['a line of one point', { lines: [[0, 0]] }, 'outline.lines.0'],
    ['half a point', { lines: [[0, 0, 1, 1, 2]] }, 'outline.lines.0'],
    ['no lines', { lines: [] }, 'outline.lines'],
    ['a point far away', { lines: [[0, 0, 1e7, 0]] }, 'outline.lines.0.2'],
    ['a stand-in', { source: 'stand-in' }, 'outline.source'],
  ])('%s is refused', async (_, change, path) => {
    const answer = await server.api.post('/api/dies').send({ ...dieInputs.leaf, outline: { ...ring, ...change } })
    expect(answer.status).toBe(422)
    expect((answer.body as { errors: { path: string }[] }).errors[0]!.path).toBe(path)
  })
})

describe('numbers of a press', () => {
  it('stand in place of its class’s usual ones, each with where it is from', async () => {
    const numbers = [{ name: 'handleLimitN', value: 90, from: 'measured' }]
    const press = await add('presses', { ...pressInputOf([]), numbers })
    expect((await server.api.get(`/api/presses/${press.id}`)).body).toMatchObject({ numbers })
  })

  it.each([
    ['one out of range', [{ name: 'handleLimitN', value: 1e6, from: 'guess' }], 'numbers.0.value'],
    ['one named twice', Array(2).fill({ name: 'gearRatio', value: 2, from: 'guess' }), 'numbers'],
    ['an unknown one', [{ name: 'horsepower', value: 2, from: 'guess' }], 'numbers.0.name'],
  ])('%s is refused', async (_, numbers, path) => {
    const answer = await server.api.post('/api/presses').send({ ...pressInputOf([]), numbers })
    expect(answer.status).toBe(422)
    expect((answer.body as { errors: { path: string }[] }).errors[0]!.path).toBe(path)
  })
})

describe('wrong input', () => {
  const refused: [string, object, string][] = [
    ['a negative thickness', { thicknessMm: -3 }, 'thicknessMm'],
    ['an enormous thickness', { thicknessMm: 1e9 }, 'thicknessMm'],
    ['a thickness in words', { thicknessMm: '1 1/4"' }, 'thicknessMm'],
    ['nothing at all', { name: undefined }, 'name'],
    ['an empty name', { name: '   ' }, 'name'],
    ['a long name', { name: 'x'.repeat(121) }, 'name'],
    ['a control character', { name: 'a\u0000b' }, 'name'],
    ['an unknown kind', { kind: 'anvil' }, 'kind'],
    ['half a piece', { count: 1.5 }, 'count'],
    ['more pieces than fit', { count: 2 ** 40 }, 'count'],
    ['a width of NaN', { widthMm: NaN }, 'widthMm'],
    ['an edge wider than the plate', { fullThicknessWidthMm: 156 }, 'fullThicknessWidthMm'],
  ]
  it.each(refused)(
    '%s is refused with the field, the value and a remedy, and nothing is saved',
    async (_, change, path) => {
      const before = (await server.api.get('/api/plates')).body as { total: number }
      const answer = await server.api.post('/api/plates').send({ ...plateInputs.pad, ...change })
      expect(answer.status).toBe(422)
      expect(answer.type).toBe('application/problem+json')
      const { errors, detail } = answer.body as { errors: { path: string }[]; detail: string }
      expect(errors.map((error) => error.path)).toContain(path)
      expect(detail).toContain('must')
      // What is said follows from the codes and values alone.
      expect(detail).toBe(sayProblem(speak('en'), problem.parse(answer.body)))
      expect(((await server.api.get('/api/plates')).body as { total: number }).total).toBe(before.total)
    },
  )

  it('every fault is named, not the first only', async () => {
    const answer = await server.api.post('/api/plates').send({ ...plateInputs.pad, name: '', count: -1, kind: 'x' })
    const paths = (answer.body as { errors: { path: string }[] }).errors.map((error) => error.path)
    expect(paths.sort()).toEqual(['count', 'kind', 'name'])
  })

  it('markup in a name is only text', async () => {
    const added = await add('plates', { ...plateInputs.pad, name: '<script>alert(1)</script>' })
    expect((await server.api.get(`/api/plates/${added.id}`)).body).toMatchObject({ name: '<script>alert(1)</script>' })
  })

  it('a name of five megabytes is refused as too large', async () => {
    const answer = await server.api.post('/api/plates').send({ ...plateInputs.pad, name: 'x'.repeat(5_000_000) })
    expect([answer.status, answer.type]).toEqual([413, 'application/problem+json'])
  })

  it.each([
    ['text that is not JSON', '{"name": ', 'application/json', 400],
    ['another kind of content', 'name=Pad', 'application/x-www-form-urlencoded', 415],
    ['a bare number', '7', 'application/json', 400],
    ['a list', '[]', 'application/json', 422],
    ['null', 'null', 'application/json', 400],
  ])('%s gets a clear answer', async (_, body, type, status) => {
    const answer = await server.api.post('/api/plates').set('Content-Type', type).send(body)
    expect(answer.status).toBe(status)
    expect(answer.type).toBe('application/problem+json')
  })

  it.each(['no-such-id', '00000000-0000-4000-8000-000000000000', "' OR 1=1 --"])(
    'an unknown id (%s) is a 404',
    async (id) => {
      for (const name of ['plates', 'presses', 'dies', 'sheets', 'jobs', 'runs']) {
        const at = `/api/${name}/${encodeURIComponent(id)}`
        expect((await server.api.get(at)).status).toBe(404)
        expect((await server.api.delete(at)).status).toBe(404)
        expect((await server.api.post(`${at}/restore`)).status).toBe(404)
      }
    },
  )

  it.each(['page=0', 'page=-1', 'page=x', 'pageSize=501', 'retired=maybe', 'page=1&page=2'])(
    'a list asked for with %s is refused',
    async (query) => {
      expect((await server.api.get(`/api/plates?${query}`)).status).toBe(422)
    },
  )

  it('an unknown address says where to look', async () => {
    const answer = await server.api.get('/api/anvils')
    expect(answer.status).toBe(404)
    expect((answer.body as { detail: string }).detail).toContain('/api/openapi.json')
  })
})

describe('references', () => {
  it('to what is not there are refused by field', async () => {
    const { job } = await addJobParts()
    const nobody = '00000000-0000-4000-8000-000000000000'
    const answer = await server.api.post('/api/jobs').send({
      ...job,
      runs: [
        {
          ...job.runs[0],
          dieIds: [nobody],
          layers: [{ is: 'plate', plateId: nobody, role: 'bed' }, { is: 'dies' }, { is: 'sheets' }],
        },
      ],
    })
    expect(answer.status).toBe(422)
    const paths = (answer.body as { errors: { path: string }[] }).errors.map((error) => error.path)
    expect(paths.sort()).toEqual(['runs.0.dieIds.0', 'runs.0.layers.0.plateId'])
  })

  it('to something deleted are refused for new rows and kept in old ones', async () => {
    const { job, sheet } = await addJobParts()
    const added = await add('jobs', job)
    await server.api.delete(`/api/sheets/${sheet.id}`)
    expect((await server.api.post('/api/jobs').send(job)).status).toBe(422)
    const at = `/api/jobs/${added.id}`
    expect((await server.api.get(at)).body).toMatchObject({ runs: [{ sheetName: 'Card' }] })
    const saved = await server.api
      .put(at)
      .set('If-Match', '"1"')
      .send({ ...job, state: 'set-aside' })
    expect(saved.body).toMatchObject({ state: 'set-aside', runs: [{ sheetName: 'Card' }] })
  })

  it('a press refuses known-good stacks of plates that are not on the shelf', async () => {
    const nobody = '00000000-0000-4000-8000-000000000000'
    const answer = await server.api.post('/api/presses').send(pressInputOf([nobody]))
    expect(answer.status).toBe(422)
    expect((answer.body as { errors: { path: string }[] }).errors[0]!.path).toBe('knownGood.0.plateIds.0')
  })
})

describe('two windows', () => {
  it('do not overwrite each other unnoticed', async () => {
    const added = await add('plates', plateInputs.pad)
    const at = `/api/plates/${added.id}`
    expect((await server.api.put(at).send(plateInputs.pad)).status).toBe(428)
    await server.api
      .put(at)
      .set('If-Match', '"1"')
      .send({ ...plateInputs.pad, name: 'First window' })
    const second = await server.api
      .put(at)
      .set('If-Match', '"1"')
      .send({ ...plateInputs.pad, name: 'Second window' })
    expect(second.status).toBe(412)
    expect(second.body).toMatchObject({ current: { name: 'First window', version: 2 } })
    expect((await server.api.get(at)).body).toMatchObject({ name: 'First window' })
  })

  it('saving at the very same time: one is saved, all others hear of it', async () => {
    const added = await add('plates', plateInputs.pad)
    const saves = await Promise.all(
      Array.from({ length: 8 }, (_, window) =>
        server.api
          .put(`/api/plates/${added.id}`)
          .set('If-Match', '"1"')
          .send({ ...plateInputs.pad, name: `Window ${window}` }),
      ),
    )
    expect(saves.map((save) => save.status).sort()).toEqual([200, ...Array<number>(7).fill(412)])
    const kept = saves.find((save) => save.status === 200)!.body as PlateRow
    expect((await server.api.get(`/api/plates/${added.id}`)).body).toMatchObject({ name: kept.name, version: 2 })
  })

  it.each(['yes', '"x"', '"-1"', ''])('an If-Match of %s is refused', async (header) => {
    const added = await add('plates', plateInputs.pad)
    const answer = await server.api.put(`/api/plates/${added.id}`).set('If-Match', header).send(plateInputs.pad)
    expect([400, 428]).toContain(answer.status)
  })
})

describe('the log', () => {
  const runOf = (parts: Awaited<ReturnType<typeof addJobParts>>, jobId: string, more: object = {}) => ({
    jobId,
    pressId: parts.press.id,
    dieIds: [parts.die.id],
    sheetId: parts.sheet.id,
    sheetCount: 1,
    bladeSide: 'down',
    at: '2026-05-01T10:00:00.000Z',
    layers: [
      { is: 'plate', plateId: parts.pad.id, name: 'Pad', thicknessMm: 3 },
      { is: 'sheets', name: 'Card', thicknessMm: 0.3 },
      { is: 'dies', name: 'Leaf', thicknessMm: 1 },
    ],
    squeezeMm: 0.65,
    rounds: [{ passes: 2, seen: 'clean', feel: 'firm' }],
    pieces: 4,
    note: '',
    ...more,
  })

  it('moves its job on: under way, then done', async () => {
    const parts = await addJobParts()
    const job = await add('jobs', { ...parts.job, wanted: 8 })
    const state = async () => (await server.api.get(`/api/jobs/${job.id}`)).body as { state: string; cut: number }
    await add('runs', runOf(parts, job.id))
    expect(await state()).toMatchObject({ state: 'cutting', cut: 4 })
    await add('runs', runOf(parts, job.id))
    expect(await state()).toMatchObject({ state: 'done', cut: 8 })
  })

  it('is filtered by press, die, sheet, outcome and time', async () => {
    const parts = await addJobParts()
    const job = await add('jobs', parts.job)
    await add('runs', runOf(parts, job.id))
    const hung = [{ passes: 1, seen: 'hanging', hangingShare: 0.2, hangingPlace: 'middle', feel: 'light' }]
    await add('runs', runOf(parts, job.id, { at: '2026-05-03T10:00:00.000Z', rounds: hung, pieces: 0 }))
    const total = async (query: object) =>
      ((await server.api.get('/api/runs').query({ jobId: job.id, ...query })).body as { total: number }).total
    expect(await total({})).toBe(2)
    expect(await total({ seen: 'hanging' })).toBe(1)
    expect(await total({ seen: 'clean', since: '2026-05-02' })).toBe(0)
    expect(await total({ until: '2026-05-02' })).toBe(1)
    expect(await total({ pressId: parts.press.id, dieId: parts.die.id, sheetId: parts.sheet.id })).toBe(2)
    expect(await total({ dieId: parts.press.id })).toBe(0)
    // Each word of a question is in a name, or in the note.
    expect(await total({ q: `${dieInputs.leaf.name.toUpperCase()} ${sheetInputs.card.name}` })).toBe(2)
    expect(await total({ q: `${dieInputs.leaf.name} no-such-thing` })).toBe(0)
    expect(await total({ q: "100% _ ' --" })).toBe(0)
  })

  it('refuses a place of hanging where nothing hung', async () => {
    const parts = await addJobParts()
    const job = await add('jobs', parts.job)
    const rounds = [{ passes: 1, seen: 'clean', hangingPlace: 'middle', feel: 'firm' }]
    const answer = await server.api.post('/api/runs').send(runOf(parts, job.id, { rounds }))
    expect(answer.status).toBe(422)
    expect((answer.body as { errors: { path: string }[] }).errors[0]!.path).toBe('rounds.0.seen')
  })
})

describe('house rules', () => {
  it('are one set, saved by version', async () => {
    const before = await server.api.get('/api/house-rules')
    const { version, updatedAt: _, ...rules } = before.body as { version: number; updatedAt: string }
    const put = (from: number) =>
      server.api
        .put('/api/house-rules')
        .set('If-Match', `"${from}"`)
        .send({ ...rules, units: 'in' })
    expect((await put(version)).body).toMatchObject({ units: 'in', version: version + 1 })
    expect((await put(version)).status).toBe(412)
  })
})
