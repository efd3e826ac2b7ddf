import type { Placement } from '@bold-heron/core'
import { describe, expect, it } from 'vitest'
import { faultsOf } from '../wire/faults-of.js'
import { type JobInput, jobInput } from '../entered/job.js'
import { placementOf, plainRun, pressIdOf, runInHandOf, shownAs, withPlacement, withRunInHand } from './runs-of-job.js'

const id = (at: number): string => `00000000-0000-4000-8000-00000000000${at}`
const [PRESS, OTHER_PRESS, SHEET, LEAF, BIRD] = [id(1), id(2), id(3), id(4), id(5)]

const job: JobInput = {
  name: 'Window',
  state: 'waiting',
  pressId: PRESS,
  wanted: 6,
  note: '',
  rank: null,
  card: null,
  runInHand: 0,
  runs: [
    {
      ...plainRun,
      dieIds: [LEAF],
      sheetId: SHEET,
      sheetCount: 1,
      bladeSide: 'down',
      layers: [{ is: 'plate', plateId: id(9), role: 'bed' }, { is: 'sheets' }, { is: 'dies' }],
    },
  ],
}
const laid = (name: string, dieId: string, more: object = {}) => ({
  id: name,
  name,
  region: 'to-line' as const,
  face: 'front' as const,
  goesIn: 'open' as const,
  leads: 'top' as const,
  dies: [{ id: 'die', dieId, xMm: 50, yMm: 40, rotationDeg: 0 }],
  line: { xMm: 0, yMm: 40, angleDeg: 0, presses: 'above' as const },
  padId: null,
  blocks: [],
  ...more,
})
const placement: Placement = {
  card: { widthMm: 100, heightMm: 80, fold: null },
  waste: [],
  keep: [],
  motif: null,
  runInHand: 1,
  runs: [laid('frame', LEAF), laid('bird', BIRD)],
}

const faultsIn = (input: object): string[] => {
  const { error } = jobInput.safeParse(input)
  return error ? faultsOf(error, input).map(({ path }) => path) : []
}

describe('a job of several press runs', () => {
  const twoRuns = withPlacement(job, placement)

  it('is made by laying them out: each has its dies and its region, and the last finishes the piece', () => {
    expect(faultsIn(twoRuns)).toEqual([])
    expect(twoRuns.runs.map(({ id, region, dieIds, finishes }) => [id, region, dieIds, finishes])).toEqual([
      ['frame', 'to-line', [LEAF], false],
      ['bird', 'to-line', [BIRD], true],
    ])
    expect(placementOf(twoRuns)).toEqual(placement)
    expect(runInHandOf(twoRuns).id).toBe('bird')
  })

  it('keeps the stack of a run of which nothing was changed, and forgets that of one that was', () => {
    const layers = job.runs[0]!.layers
    const kept = { ...twoRuns, runs: twoRuns.runs.map((run) => ({ ...run, layers })) }
    const moved = { ...placement, runs: [placement.runs[0]!, laid('bird', BIRD, { leads: 'left' })] }
    expect(withPlacement(kept, moved).runs.map((run) => run.layers)).toEqual([layers, []])
    const smaller = { ...placement, card: { ...placement.card, widthMm: 90 } }
    expect(withPlacement(kept, smaller).runs.map((run) => run.layers)).toEqual([[], []])
  })

  it('keeps what is a run’s own when others come before it or go', () => {
    const own = withRunInHand(twoRuns, { sheetCount: 3, bladeSide: 'up', pressId: OTHER_PRESS })
    const more = { ...placement, runInHand: 0, runs: [laid('corner', LEAF), ...placement.runs] }
    const bird = withPlacement(own, more).runs.at(-1)!
    expect(bird).toMatchObject({ sheetCount: 3, bladeSide: 'up', pressId: OTHER_PRESS, finishes: true })
    expect([pressIdOf(own, own.runs[0]!), pressIdOf(own, bird)]).toEqual([PRESS, OTHER_PRESS])
  })

  it('becomes a job of one when nothing is laid out any more', () => {
    const plain = withPlacement(twoRuns, null)
    expect(faultsIn(plain)).toEqual([])
    expect(plain.runs).toHaveLength(1)
    expect(plain.runs[0]).toMatchObject({ id: 'bird', dieIds: [BIRD], region: 'all', finishes: true, placed: null })
  })

  it('shows by the side that is entered where a technique may be had either way, and is entered from the side of what shows', () => {
    const creased = withRunInHand(job, { technique: 'crease', shows: 'raised' })
    const [run] = withPlacement(creased, placement).runs
    expect([run!.placed!.face, run!.shows]).toEqual(['front', 'sunk'])
    expect(shownAs(run!, 'raised')).toMatchObject({ shows: 'raised', placed: { face: 'back' } })
    expect(withPlacement(withRunInHand(job, { shows: 'raised' }), placement).runs[0]!.shows).toBe('raised')
  })

  it('may have more than eight', () => {
    const runs = Array.from({ length: 30 }, (_, at) => laid(`run ${at}`, LEAF))
    expect(faultsIn(withPlacement(job, { ...placement, runs, runInHand: 29 }))).toEqual([])
  })

  it.each([
    [
      'two runs that finish the piece',
      { runs: twoRuns.runs.map((run) => ({ ...run, finishes: true })) },
      'runs.1.finishes',
    ],
    ['none that does', { runs: twoRuns.runs.map((run) => ({ ...run, finishes: false })) }, 'runs.1.finishes'],
    ['a run in hand that is none', { runInHand: 2 }, 'runInHand'],
    ['two runs of one name', { runs: twoRuns.runs.map((run) => ({ ...run, id: 'same' })) }, 'runs.1.id'],
    ['a run that lies on no card', { card: null }, 'runs.0.placed'],
    ['no run at all', { runs: [] }, 'runs'],
    ['a stack without sheets', { runs: [{ ...job.runs[0], layers: [{ is: 'dies' }] }] }, 'runs.0.layers'],
  ])('is refused with %s', (_, change, path) => {
    expect(faultsIn({ ...twoRuns, ...change })).toContain(path)
  })
})
