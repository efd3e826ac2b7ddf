import { describe, expect, it } from 'vitest'
import { borderOfRun } from '../entered/border-of-run.js'
import { jobInput } from '../entered/job.js'
import { jobOfRun } from './runs-of-job.js'
import { ribbonOfRun, withRibbon } from './ribbon-of-job.js'

const uuid = (digit: number): string => `00000000-0000-4000-8000-00000000000${digit}`
const strip = { dieLengthMm: 150, pitchMm: 10, stripLengthMm: 400, stripWidthMm: 44 }
const middle = borderOfRun.parse({ ...strip, margins: 'hard' })
const edges = borderOfRun.parse({ ...strip, edges: 'both', startShiftMm: 3, margins: 'hard' })
const layers = [{ is: 'dies' as const }, { is: 'sheets' as const }]
const job = jobOfRun(
  { name: 'Ribbon', pressId: uuid(1) },
  { dieIds: [uuid(2)], sheetId: uuid(3), sheetCount: 1, bladeSide: 'down', layers },
)
const ribbon = withRibbon(job, { middle: 0, edges: undefined }, middle, { dieId: uuid(4), border: edges })

describe('a ribbon of several runs', () => {
  it('is pressed along its middle, then along its edges, and a piece is done with the last', () => {
    expect(ribbon.runs.map(({ dieIds }) => dieIds)).toEqual([[uuid(2)], [uuid(4)]])
    expect(ribbon.runs.map(({ border }) => border)).toEqual([middle, edges])
    expect(ribbon.runs.map(({ finishes }) => finishes)).toEqual([false, true])
    expect(jobInput.safeParse(ribbon).error).toBeUndefined()
  })

  it('is found by either of its runs', () => {
    expect(ribbonOfRun(ribbon.runs, 0)).toEqual({ middle: 0, edges: 1 })
    expect(ribbonOfRun(ribbon.runs, 1)).toEqual({ middle: 0, edges: 1 })
    expect(ribbonOfRun(job.runs, 0)).toEqual({ middle: 0, edges: undefined })
  })

  it('cut anew keeps the stacks of what has not changed, and gives up its edges with their run', () => {
    const kept = { ...ribbon, runs: ribbon.runs.map((run) => ({ ...run, layers })) }
    const again = withRibbon(
      kept,
      { middle: 0, edges: 1 },
      { ...middle, pitchMm: 9 },
      { dieId: uuid(4), border: edges },
    )
    expect(again.runs.map((run) => run.layers.length)).toEqual([0, 2])
    expect(again.runs.map(({ id }) => id)).toEqual(ribbon.runs.map(({ id }) => id))
    const plain = withRibbon({ ...kept, runInHand: 1 }, { middle: 0, edges: 1 }, middle, undefined)
    expect(plain.runs).toHaveLength(1)
    expect(plain).toMatchObject({ runInHand: 0, runs: [{ finishes: true }] })
  })
})
