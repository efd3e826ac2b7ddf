import { logNormal, type LogGrid, OFFSET_SPREAD_MM, together } from './posterior.js'
import { CELLS, logStrengthAt, OFFSETS, offsetMmAt, STRENGTHS } from './axes.js'
import { STRENGTH_LOG_SPREAD } from './strength-nodes.js'

/** What one logged run says, and of what. */
export interface RunEvidence {
  readonly pressId: string
  /** What the strength stands for (`resistOf`): a sheet, or the mats. */
  readonly resist: string
  /** As logEvidenceOf gives it. */
  readonly log: ArrayLike<number>
}

const logSum = (count: number, at: (index: number) => number): number => {
  let most = -Infinity
  for (let index = 0; index < count; index++) most = Math.max(most, at(index))
  let sum = 0
  for (let index = 0; index < count; index++) sum += Math.exp(at(index) - most)
  return most + Math.log(sum)
}

/** What a grid says of the offset, the strength being whatever is usual. */
const ofOffsetAlone = (grid: LogGrid): Float64Array =>
  Float64Array.from({ length: OFFSETS }, (_, row) =>
    logSum(
      STRENGTHS,
      (column) => (grid[row * STRENGTHS + column] as number) + logNormal(logStrengthAt(column), 0, STRENGTH_LOG_SPREAD),
    ),
  )

/** What a grid says of the strength, the offset being whatever is usual. */
const ofStrengthAlone = (grid: LogGrid): Float64Array =>
  Float64Array.from({ length: STRENGTHS }, (_, column) =>
    logSum(
      OFFSETS,
      (row) => (grid[row * STRENGTHS + column] as number) + logNormal(offsetMmAt(row), 0, OFFSET_SPREAD_MM),
    ),
  )

const grouped = (runs: readonly RunEvidence[], key: (run: RunEvidence) => string): LogGrid[] => {
  const groups = new Map<string, RunEvidence[]>()
  for (const run of runs) groups.set(key(run), [...(groups.get(key(run)) ?? []), run])
  return [...groups.values()].map((group) => together(...group.map((run) => run.log)))
}

/**
 * What all runs say of one press with one thing that resists, such as a sheet. Runs of the two together speak for both; runs of the press with another sheet
 * speak for the press, that sheet's strength being integrated out; runs of the sheet on another press speak for the sheet. Exact
 * as long as the other sheets and presses have nothing more in common.
 */
export const evidenceForPair = (runs: readonly RunEvidence[], pressId: string, resist: string): LogGrid => {
  const here = runs.filter((run) => run.pressId === pressId && run.resist === resist)
  const otherSheets = runs.filter((run) => run.pressId === pressId && run.resist !== resist)
  const otherPresses = runs.filter((run) => run.pressId !== pressId && run.resist === resist)
  const grid = here.length > 0 ? together(...here.map((run) => run.log)) : new Float64Array(CELLS)
  for (const group of grouped(otherSheets, (run) => run.resist)) {
    const alone = ofOffsetAlone(group)
    for (let cell = 0; cell < CELLS; cell++)
      grid[cell] = (grid[cell] as number) + (alone[Math.floor(cell / STRENGTHS)] as number)
  }
  for (const group of grouped(otherPresses, (run) => run.pressId)) {
    const alone = ofStrengthAlone(group)
    for (let cell = 0; cell < CELLS; cell++) grid[cell] = (grid[cell] as number) + (alone[cell % STRENGTHS] as number)
  }
  const most = grid.reduce((high, value) => Math.max(high, value), -Infinity)
  return grid.map((value) => value - most)
}
