import { logSum } from '../numerics/log-sum.js'
import type { PressClass } from '../press/press-class.js'
import { logStrengthAt, rowOf, STRENGTHS } from './axes.js'
import { EVERY_GAP_MM, logOfClass } from './class-prior.js'
import { type GapGrid, gridOver, lastRowOf, logAt, overRows, peakedAtZero, rowsOf, together } from './gap-grid.js'
import { countedOn, piecesOfAll } from './on-average.js'
import { heightSpreadMm, type PiecesById } from './pieces.js'
import { ANY_DIE, type ByDie, difficultyBy, evidenceOfDieOnSheet, gapByDies } from './die-and-sheet.js'
import { logNormal, logStrengthMoments, type Spectrum, spectrumOver } from './posterior.js'
import { STRENGTH_LOG_SPREAD } from './strength-nodes.js'
import { groupBy } from '../numerics/group-by.js'

/** What one logged run says, and of what. */
export interface RunEvidence {
  readonly pressId: string
  readonly pressClass: PressClass
  /** What the strength stands for (`resistOf`): a sheet, or the mats. */
  readonly resist: string
  /** The dies that it was cut with, a name for each set of them; absent where that says nothing, as of mats. */
  readonly dies?: string
  /** As logEvidenceOf gives it. */
  readonly log: GapGrid
  /** The plates it was pressed with, as `Pressed` has them. */
  readonly pieces: PiecesById
}

const dieOf = ({ dies }: RunEvidence): string => dies ?? ''

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

const groupsBy = (runs: readonly RunEvidence[], key: (run: RunEvidence) => string): RunEvidence[][] => [
  ...groupBy(runs, key).values(),
]

/** Runs parted by their dies, what each part says counted on the same plates. */
const byDieOf = (runs: readonly RunEvidence[], pieces: PiecesById): ByDie =>
  new Map([...groupBy(runs, dieOf)].map(([die, group]) => [die, countedOn(pieces, group)]))

/** What runs with another sheet say of the gap: of one die it may be off as a sheet and a die together may. */
const ofGapBy = (byDie: ByDie): GapGrid => {
  const [only, ...others] = byDie.values()
  return only && others.length === 0 ? ofGapAlone(only) : gapByDies(byDie)
}

/**
 * What all runs say of one press with one thing that resists, such as a sheet, cut with some dies. Runs of just these speak for all; runs with other dies
 * speak for the sheet and the gap, with another sheet for the dies and the gap, each other strength and difficulty being integrated out; runs of the sheet on
 * another press speak for the sheet and the dies, that press's gap being whatever it may be by its class. Heights count as on the plates of `pieces`.
 */
export const evidenceForPair = (
  runs: readonly RunEvidence[],
  pressId: string,
  resist: string,
  dies = '',
): { readonly log: GapGrid; readonly pieces: PiecesById } => {
  const onPress = runs.filter((run) => run.pressId === pressId)
  const pieces = piecesOfAll(onPress)
  const bySheet = groupsBy(onPress, (run) => run.resist).map((group) => ({
    resist: group[0]?.resist,
    byDie: byDieOf(group, pieces),
  }))
  const here = bySheet.find((each) => each.resist === resist)?.byDie ?? new Map<string, GapGrid>()
  const others = bySheet.filter((each) => each.resist !== resist).map(({ byDie }) => byDie)
  const otherSheets = dies === '' ? [] : others.filter((byDie) => byDie.has(dies))
  const elsewhere = groupsBy(
    runs.filter((run) => run.pressId !== pressId && run.resist === resist),
    (run) => `${run.pressId} ${dieOf(run)}`,
  ).map((group) => {
    const theirs = piecesOfAll(group)
    const [one] = group as [RunEvidence]
    return {
      die: dieOf(one),
      said: ofStrengthAlone(countedOn(theirs, group), one.pressClass, heightSpreadMm(theirs)),
    }
  })
  const rest = others.filter((byDie) => !otherSheets.includes(byDie)).map(ofGapBy)
  const isAlone = [...here.keys(), ...elsewhere.map(({ die }) => die)].every((die) => die === dies)
  const ofPair =
    isAlone && otherSheets.length === 0
      ? [...here.values(), ...elsewhere.map(({ said }) => said)]
      : [evidenceOfDieOnSheet({ here, otherSheets, elsewhere }, dies)]
  return { log: peakedAtZero(together(...ofPair, ...rest)), pieces }
}

/** How much more difficult dies are than is usual for them, by all runs with them: mean and spread of the logarithm, and how many runs. */
export const difficultyByRuns = (
  runs: readonly RunEvidence[],
  dies: string,
): { readonly mean: number; readonly spread: number; readonly runs: number } => {
  const own = runs.filter((run) => dieOf(run) === dies)
  const presses = groupsBy(own, (run) => run.pressId).map(([first]) => {
    const { pressId, pressClass } = first as RunEvidence
    const onPress = runs.filter((run) => run.pressId === pressId)
    const pieces = piecesOfAll(onPress)
    const sheets = groupsBy(onPress, (run) => run.resist).map((group) => byDieOf(group, pieces))
    const rest = together(...sheets.filter((byDie) => !byDie.has(dies)).map(ofGapBy))
    const ofClass = logOfClass(pressClass, { isAllThereIs: false, unsureMm: heightSpreadMm(pieces) })
    const withDie = sheets.filter((byDie) => byDie.has(dies))
    return difficultyBy(withDie, dies, (row) => ofClass(row) + logAt(rest, row, 0))
  })
  const log = presses.reduce(
    (sum, said) => sum.map((value, at) => value + (said[at] as number) - (ANY_DIE[at] as number)),
    ANY_DIE,
  )
  const most = log.reduce((high, value) => Math.max(high, value), -Infinity)
  return { ...logStrengthMoments(log.map((value) => Math.exp(value - most))), runs: own.length }
}
