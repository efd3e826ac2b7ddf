import { randomUUID } from 'node:crypto'
import { type DieClass, factsOfDieClass, type Layer, type Plan, type TechniqueId, toldOf } from '@bold-heron/core'
import { type DieInput, type JobRow, type Page, type PlateInput, plainRun, type RunRow } from '@bold-heron/schema'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { dieInputs, plateInputs, pressInputOf, sheetInputs } from '../testing/inputs.js'
import { startTestServer, type TestServer } from '../testing/test-server.js'

let server: TestServer
beforeAll(async () => {
  server = await startTestServer({ demo: false })
})
afterAll(() => server.close())

/** Takes everything away, as the Workshop page does. */
const clear = async (): Promise<void> => {
  const now = (await server.api.get('/api/workshop')).body as object
  const empty = Object.fromEntries(
    Object.entries(now).map(([name, value]) => [name, Array.isArray(value) ? [] : value]),
  )
  expect((await server.api.put('/api/workshop').send(empty)).status).toBe(200)
}

const add = async (list: string, input: object): Promise<string> => {
  const answer = await server.api.post(`/api/${list}`).send(input)
  expect(answer.status, JSON.stringify(answer.body)).toBe(201)
  return (answer.body as { id: string }).id
}

const plate = (name: string, kind: PlateInput['kind'], thicknessMm: number, count = 1): PlateInput => ({
  ...plateInputs.platform,
  name,
  kind,
  thicknessMm,
  count,
})
/** What lies on the shelf of somebody who does all of it. */
const shelf: readonly PlateInput[] = [
  plateInputs.platform,
  plate('Thin board', 'platform', 5.6),
  plateInputs.pad,
  plateInputs.paper,
  plate('Card', 'shim', 0.3, 6),
  plate('Spacer', 'spacer', 2, 2),
  plate('Thin spacer', 'spacer', 1, 2),
  plate('Thin mat', 'embossing-mat', 1),
  plate('Thick mat', 'embossing-mat', 3),
  plate('Warm plate', 'heated-plate', 8),
  plate('Foil', 'foil', 0.02, 9),
]
const impressionPad = plate('Impression pad', 'impression-pad', 3)

const dieOf = (dieClass: DieClass): DieInput => {
  const { heightMm, bladeHeightMm, typicalSizeMm } = factsOfDieClass(dieClass)
  const [lengthMm, widthMm] = typicalSizeMm
  return { ...dieInputs.leaf, name: dieClass, dieClass, heightMm, bladeHeightMm, lengthMm, widthMm }
}

interface Row {
  readonly what: string
  /** Techniques of its press runs in order, each with what is pressed; the last finishes the piece. */
  readonly runs: readonly (readonly [TechniqueId, DieClass])[]
  readonly shows?: 'raised' | 'sunk'
  readonly sheetCount?: number
  /** Lies on the shelf beside the rest. */
  readonly beside?: PlateInput
  /** What must be said of it. */
  readonly says?: string
}

// The table of techniques; common practice, no source.
const rows: readonly Row[] = [
  { what: 'a crease with a die', runs: [['crease', 'thin-outline']], beside: impressionPad },
  { what: 'a crease, a plate in place of the impression pad', runs: [['crease', 'thin-outline']] },
  { what: 'a raised shape', runs: [['raise', 'shape']], says: 'shape-mirrored' },
  { what: 'a sunk shape', runs: [['raise', 'shape']], shows: 'sunk' },
  { what: 'a flat folder', runs: [['folder', 'flat-folder']] },
  { what: 'a deep folder', runs: [['folder', 'deep-folder']] },
  { what: 'a folder that cuts too', runs: [['folder', 'cutting-folder']] },
  {
    what: 'cut, then formed in its folder',
    runs: [
      ['cut', 'small-cased'],
      ['folder', 'flat-folder'],
    ],
  },
  {
    what: 'cut, then creased with the same die',
    runs: [
      ['cut', 'thin-outline'],
      ['crease', 'thin-outline'],
    ],
  },
  { what: 'a foil line', runs: [['foil', 'thin-outline']], says: 'plate-burns' },
  { what: 'a crease on an envelope', runs: [['crease', 'thin-outline']], sheetCount: 2, says: 'two-thicknesses' },
]

const layersOf = (stack: readonly Layer[]) =>
  stack.map((layer) =>
    layer.is === 'plate'
      ? {
          is: layer.is,
          plateId: layer.plate.id,
          name: layer.plate.name,
          thicknessMm: layer.plate.thickness.valueMm,
          role: layer.role,
        }
      : { is: layer.is, name: layer.is, thicknessMm: 0.3 },
  )

describe.each(rows)('$what', ({ runs, shows = 'raised', sheetCount = 1, beside, says }) => {
  it('is made a job in an empty workshop, planned, pressed at the Bench and in the log', async () => {
    await clear()
    for (const each of beside ? [...shelf, beside] : shelf) await add('plates', each)
    const pressId = await add('presses', pressInputOf([]))
    const sheetId = await add('sheets', sheetInputs.card)
    const dieIds = new Map<DieClass, string>()
    for (const [, dieClass] of runs) if (!dieIds.has(dieClass)) dieIds.set(dieClass, await add('dies', dieOf(dieClass)))
    const pressRuns = runs.map(([technique, dieClass], at) => ({
      ...plainRun,
      id: `run ${at + 1}`,
      technique,
      shows,
      dieIds: [dieIds.get(dieClass)],
      sheetId,
      sheetCount,
      bladeSide: technique === 'cut' ? 'down' : 'up',
      finishes: at === runs.length - 1,
    }))
    const jobId = await add('jobs', { name: 'A piece', pressId, wanted: 1, runs: pressRuns })
    for (const run of pressRuns) {
      const { technique, bladeSide } = run
      const asked = { technique, pressId, dieIds: run.dieIds, sheetId, sheetCount, bladeSide }
      const { best } = (await server.api.post('/api/plans').send(asked)).body as Plan
      expect(best, technique).toBeTruthy()
      expect(best!.findings.filter(({ severity }) => severity === 'stop')).toEqual([])
      if (says && technique !== 'cut') expect(best!.findings.map(({ code }) => code)).toContain(says)
      const { asWanted, feels } = toldOf(technique)
      const look = { passes: best!.prediction?.recommended ?? 1, seen: asWanted, feel: feels[0] }
      const answer = await server.api.put(`/api/bench-runs/${randomUUID()}`).send({
        jobId,
        pressRunId: run.id,
        technique,
        region: 'all',
        finishes: run.finishes,
        pressId,
        dieIds: run.dieIds,
        sheetId,
        sheetCount,
        bladeSide,
        at: new Date().toISOString(),
        layers: layersOf(best!.stack),
        squeezeMm: best!.ledger.squeezeMm,
        rounds: [look],
        pieces: 1,
        note: '',
      })
      expect(answer.status, JSON.stringify(answer.body)).toBe(201)
    }
    const { items } = (await server.api.get('/api/runs').query({ jobId })).body as Page<RunRow>
    expect(items.map(({ technique }) => technique).sort()).toEqual(runs.map(([technique]) => technique).sort())
    const job = (await server.api.get(`/api/jobs/${jobId}`)).body as JobRow
    expect(job).toMatchObject({ cut: 1, state: 'done' })
    expect(job.runs.every((run) => run.shows === shows)).toBe(true)
  })
})
