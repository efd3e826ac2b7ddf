import type { PressClass } from '../press/press-class.js'
import { logStrengthAt, rowOf, STRENGTHS } from './axes.js'
import { EVERY_GAP_MM, logOfClass } from './class-prior.js'
import { type GapGrid, gridOver, lastRowOf, logAt, overRows, peakedAtZero, rowsOf, together } from './gap-grid.js'
import { countedOn, piecesOfAll } from './on-average.js'
import { heightSpreadMm, type PiecesById } from './pieces.js'
import { logNormal, type Spectrum, spectrumOver } from './posterior.js'
import { STRENGTH_LOG_SPREAD } from './strength-nodes.js'

/** What one logged run says, and of what. */
export interface RunEvidence {
  readonly pressId: string
  readonly pressClass: PressClass
  /** What the strength stands for (`resistOf`): a sheet, or the mats. */
  readonly resist: string
  /** As logEvidenceOf gives it. */
  readonly log: GapGrid
  /** The plates it was pressed with, as `Pressed` has them. */
  readonly pieces: PiecesById
}

const logSum = (count: number, at: (index: number) => number): number => {
  let most = -Infinity
  for (let index = 0; index < count; index++) most = Math.max(most, at(index))
  let sum = 0
  for (let index = 0; index < count; index++) sum += Math.exp(at(index) - most)
  return most + Math.log(sum)
}

/** What a grid says of the gap, the strength being whatever is usual. */
const ofGapAlone = (grid: GapGrid): GapGrid =>
  gridOver(grid.firstRow, lastRowOf(grid), (row) =>
    logSum(STRENGTHS, (column) => logAt(grid, row, column) + logNormal(logStrengthAt(column), 0, STRENGTH_LOG_SPREAD)),
  )

/** What a grid says of the strength, the gap being whatever it may be on a press of a class; on plates that err by so much together, mm. */
const ofStrengthAlone = (grid: GapGrid, pressClass: PressClass, unsureMm: number): GapGrid => {
  const first = Math.min(rowOf(EVERY_GAP_MM[0]), grid.firstRow)
  const last = Math.max(rowOf(EVERY_GAP_MM[1]), lastRowOf(grid))
  const wide = overRows(grid, first, last)
  const logOfRow = logOfClass(pressClass, { isAllThereIs: false, unsureMm })
  const prior = Float64Array.from({ length: rowsOf(wide) }, (_, at) => logOfRow(first + at))
  const log = Float64Array.from({ length: STRENGTHS }, (_, column) =>
    logSum(prior.length, (at) => (wide.log[at * STRENGTHS + column] as number) + (prior[at] as number)),
  )
  return { firstRow: 0, log }
}

/** The gap by one run and its press's class alone. */
export const gapByRun = ({ log, pressClass, pieces }: RunEvidence): Spectrum => {
  const alone = ofGapAlone(log)
  const ofClass = logOfClass(pressClass, { isAllThereIs: false, unsureMm: heightSpreadMm(pieces) })
  return spectrumOver(
    Math.min(rowOf(EVERY_GAP_MM[0]), log.firstRow),
    Math.max(rowOf(EVERY_GAP_MM[1]), lastRowOf(log)),
    (row) => ofClass(row) + logAt(alone, row, 0),
  )
}

const groupsBy = (runs: readonly RunEvidence[], key: (run: RunEvidence) => string): RunEvidence[][] => {
  const groups = new Map<string, RunEvidence[]>()
  for (const run of runs) groups.set(key(run), [...(groups.get(key(run)) ?? []), run])
  return [...groups.values()]
}

/**
 * What all runs say of one press with one thing that resists, such as a sheet. Runs of the two together speak for both; runs of the press with another sheet
 * speak for the press, that sheet's strength being integrated out; runs of the sheet on another press speak for the sheet, that press's gap being
 * whatever it may be by its class. Exact as long as the other sheets and presses have nothing more in common. Heights count as on
 * the plates of `pieces`.
 */
export const evidenceForPair = (
  runs: readonly RunEvidence[],
  pressId: string,
  resist: string,
): { readonly log: GapGrid; readonly pieces: PiecesById } => {
  const onPress = runs.filter((run) => run.pressId === pressId)
  const pieces = piecesOfAll(onPress)
  const here = groupsBy(onPress, (run) => run.resist).map((group) => {
    const log = countedOn(pieces, group)
    return group[0]?.resist === resist ? log : ofGapAlone(log)
  })
  const elsewhere = groupsBy(
    runs.filter((run) => run.pressId !== pressId && run.resist === resist),
    (run) => run.pressId,
  ).map((group) => {
    const theirs = piecesOfAll(group)
    return ofStrengthAlone(countedOn(theirs, group), (group[0] as RunEvidence).pressClass, heightSpreadMm(theirs))
  })
  return { log: peakedAtZero(together(...here, ...elsewhere)), pieces }
}
