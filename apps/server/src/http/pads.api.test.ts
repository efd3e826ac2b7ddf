import type { PlanRequest } from '@bold-heron/core'
import type { JobRow, MatWear, PadWearRow, Page, RunRow } from '@bold-heron/schema'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { startTestServer, type TestServer } from '../testing/test-server.js'

let server: TestServer
beforeAll(async () => {
  server = await startTestServer({ demo: true })
})
afterAll(() => server.close())

const pads = async () => (await server.api.get('/api/pad-wear')).body as PadWearRow[]
const runs = async () => ((await server.api.get('/api/runs?pageSize=200')).body as Page<RunRow>).items
const cutOf = ({ faces }: PadWearRow): number => faces.a.cutMm + faces.b.cutMm
const sum = (values: readonly number[]): number => values.reduce((all, value) => all + value, 0)

/** A run of the log that a pad was the bed of, blade down, as an input again. */
const runOnPad = async () => {
  const kinds = new Map(
    ((await server.api.get('/api/plates?pageSize=200')).body as Page<{ id: string; kind: string }>).items.map(
      ({ id, kind }) => [id, kind],
    ),
  )
  for (const { id: _, version: __, createdAt: ___, updatedAt: ____, ...run } of await runs()) {
    const sheets = run.layers.findIndex((layer) => layer.is === 'sheets')
    const plateId = run.layers[sheets - 1]?.plateId
    const { jobName: _a, pressName: _b, dieNames: _c, sheetName: _d, ...input } = run
    if (
      run.bladeSide === 'down' &&
      run.rounds.at(-1)?.seen === 'clean' &&
      plateId &&
      kinds.get(plateId) === 'cutting-pad'
    )
      return { input, at: sheets - 1, plateId }
  }
  throw new Error('the demo has no run on a pad')
}

it('what mats and folders have borne is counted from the runs they lay in, and how often a mat was found cut', async () => {
  const before = (await server.api.get('/api/mat-wear')).body as MatWear
  expect(before.folders.length).toBeGreaterThan(1)
  const logged = await runs()
  const creased = logged.find(({ technique }) => technique === 'crease')!
  const mat = before.mats.find(({ plateId }) => creased.layers.some((layer) => layer.plateId === plateId))!
  const lain = logged.filter(({ layers }) => layers.some(({ plateId }) => plateId === mat.plateId))
  expect(mat.passes).toBe(sum(lain.flatMap(({ rounds }) => rounds.map(({ passes }) => passes))))
  const { id: _, version: __, createdAt: ___, updatedAt: ____, ...run } = creased
  const { jobName: _a, pressName: _b, dieNames: _c, sheetName: _d, ...input } = run
  const cut = [{ ...input.rounds[0]!, passes: 2, seen: 'mat-cut' }]
  expect((await server.api.post('/api/runs').send({ ...input, rounds: cut, pieces: 0 })).status).toBe(201)
  const after = ((await server.api.get('/api/mat-wear')).body as MatWear).mats
  expect(after.find(({ plateId }) => plateId === mat.plateId)).toMatchObject({
    passes: mat.passes + 2,
    timesCut: mat.timesCut + 1,
  })
})

describe('what the pads have borne', () => {
  it('is told of every pad in use, its zones adding up to all that was cut', async () => {
    const all = await pads()
    expect(all.length).toBeGreaterThan(1)
    for (const pad of all)
      for (const face of [pad.faces.a, pad.faces.b]) {
        expect(face.zonesMm).toHaveLength(pad.columns * pad.rows)
        expect(Math.abs(sum(face.zonesMm) - face.cutMm)).toBeLessThan(0.05 * face.zonesMm.length)
      }
    expect(Math.max(...all.map(cutOf))).toBeGreaterThan(1000)
  })

  it('grows with a run, on the face that lay at the blade, and shrinks again when the run is deleted', async () => {
    const { input, at, plateId } = await runOnPad()
    const before = (await pads()).find((pad) => pad.plateId === plateId)!
    const layers = input.layers.map((layer, index) => ({
      ...layer,
      lie: index === at ? { face: 'b' as const, turned: true } : null,
    }))
    const added = await server.api.post('/api/runs').send({ ...input, layers })
    expect(added.status).toBe(201)
    expect((added.body as RunRow).layers[at]!.lie).toEqual({ face: 'b', turned: true })
    const after = (await pads()).find((pad) => pad.plateId === plateId)!
    expect(after.faces.b.cutMm).toBeGreaterThan(before.faces.b.cutMm)
    expect(after.faces.a.cutMm).toBeCloseTo(before.faces.a.cutMm, 1)
    expect(after.passesLeft!).toBeLessThan(before.passesLeft! + 1)
    await server.api.delete(`/api/runs/${(added.body as RunRow).id}`)
    expect((await pads()).find((pad) => pad.plateId === plateId)).toEqual(before)
  })

  it('a face that is none is refused, naming the field', async () => {
    const { input } = await runOnPad()
    const layers = [{ ...input.layers[0]!, lie: { face: 'c', turned: false } }, ...input.layers.slice(1)]
    const answer = await server.api.post('/api/runs').send({ ...input, layers })
    expect(answer.status).toBe(422)
    expect(JSON.stringify(answer.body)).toContain('layers.0.lie.face')
  })
})

it('a plan takes each pad as it had best lie for its dies, and as worn as it is there', async () => {
  const { plateId } = await runOnPad()
  const [job] = ((await server.api.get('/api/jobs?q=kites')).body as Page<JobRow>).items
  const request = (await server.api.get(`/api/jobs/${job!.id}/plan-request`)).body as PlanRequest
  const pad = request.shelf.find((plate) => plate.id === plateId)!
  const wear = (await pads()).find((each) => each.plateId === plateId)!
  // The demo's runs do not say how the pads lay, so all their cuts are on face A.
  expect(wear.faces.b.cutMm).toBe(0)
  expect(pad.lie!.face).toBe('b')
  expect(pad.faces[0]).toBe(pad.faces[1])
  for (const plate of request.shelf.filter((each) => each.kind !== 'cutting-pad')) expect(plate.lie).toBeUndefined()
})

it('only a pad can be kept for work with the hard plate', async () => {
  const plates = ((await server.api.get('/api/plates?pageSize=200')).body as Page<Record<string, unknown>>).items
  const steel = plates.find((plate) => plate['kind'] === 'hard-plate')!
  const answer = await server.api
    .put(`/api/plates/${steel['id'] as string}`)
    .set('If-Match', `"${steel['version'] as number}"`)
    .send({ ...steel, reservedForSteel: true })
  expect(answer.status).toBe(422)
  expect(JSON.stringify(answer.body)).toContain('reservedForSteel')
})
