import { logSum } from '../numerics/log-sum.js'
import { logStrengthAt, STRENGTHS } from './axes.js'
import { type GapGrid, gridOver, lastRowOf, logAt } from './gap-grid.js'
import { logNormal } from './posterior.js'
import { STRENGTH_LOG_SPREAD } from './strength-nodes.js'
import { ODD_DIES, ODD_LOG_SPREAD } from './constants.js'

/**
 * What resists a blade is the sheet's strength times the die's difficulty: how far each is off what is usual for it, in the logarithm. Together they
 * spread as a sheet's strength does where nothing is known of the die (calibration notes).
 */
export const DIE_LOG_SPREAD = 0.12
export const SHEET_LOG_SPREAD = Math.sqrt(STRENGTH_LOG_SPREAD ** 2 - DIE_LOG_SPREAD ** 2)

const MIDDLE = (STRENGTHS - 1) / 2
const columns = Array.from({ length: STRENGTHS }, (_, column) => column)

/** One value a column of the strength's axis, logarithms. */
type Column = Float64Array

/** What all columns are together, whatever the column is. */
const whole = (log: Column): number => logSum(STRENGTHS, (column) => log[column] as number)

/** A normal belief about something of the axis, its chances adding up to 1. */
const normalOf = (spread: number): Column => {
  const log = Float64Array.from(columns, (column) => logNormal(logStrengthAt(column), 0, spread))
  const total = whole(log)
  return log.map((value) => value - total)
}
const ofUsual = normalOf(DIE_LOG_SPREAD)
const ofOdd = normalOf(ODD_LOG_SPREAD)
const ofAnyDie: Column = ofUsual.map((log, at) =>
  Math.log((1 - ODD_DIES) * Math.exp(log) + ODD_DIES * Math.exp(ofOdd[at] as number)),
)
const ofAnySheet = normalOf(SHEET_LOG_SPREAD)

const within = (column: number): number => Math.min(STRENGTHS - 1, Math.max(0, column))

/** Chances over the greatest, with the logarithm of that. */
const overGreatest = (log: Column): { readonly most: number; readonly chances: Float64Array } => {
  let most = -Infinity
  for (let column = 0; column < STRENGTHS; column++) most = Math.max(most, log[column] as number)
  const chances = new Float64Array(STRENGTHS)
  for (let column = 0; column < STRENGTHS; column++) chances[column] = Math.exp((log[column] as number) - most)
  return { most, chances }
}

/** With which column of the one each of the other's (across) goes together for a column of what is asked (down). */
const partners = (partnerOf: (column: number, its: number) => number): Uint8Array =>
  Uint8Array.from({ length: STRENGTHS ** 2 }, (_, cell) =>
    within(partnerOf(Math.floor(cell / STRENGTHS), cell % STRENGTHS)),
  )
const sumsFrom = partners((one, its) => one + its - MIDDLE)
const restsFrom = partners((sum, its) => sum - its + MIDDLE)

/** Sums over products of two beliefs, those that go together as `partner` says; the logarithms of the sums. */
const summed = (one: Column, other: Column, partner: Uint8Array): Column => {
  const [ones, others] = [overGreatest(one), overGreatest(other)]
  const log = new Float64Array(STRENGTHS)
  for (let column = 0, cell = 0; column < STRENGTHS; column++) {
    let sum = 0
    for (let its = 0; its < STRENGTHS; its++, cell++)
      sum += (others.chances[its] as number) * (ones.chances[partner[cell] as number] as number)
    log[column] = Math.log(sum) + ones.most + others.most
  }
  return log
}

/** What something said of the sum of two says of the one, the other being believed so. */
const whateverTheOther = (ofSum: Column, other: Column): Column => summed(ofSum, other, sumsFrom)

/** What is believed of the sum of two that are believed so. */
const ofSumOf = (one: Column, other: Column): Column => summed(one, other, restsFrom)

const rowOf = (grid: GapGrid, row: number): Column => {
  const log = new Float64Array(STRENGTHS)
  for (let column = 0; column < STRENGTHS; column++) log[column] = logAt(grid, row, column)
  return log
}
const nothing: Column = new Float64Array(STRENGTHS)
const plus = (one: Column, other: Column): Column => one.map((value, at) => value + (other[at] as number))

/** What runs with one thing that resists say, die by die. */
export type ByDie = ReadonlyMap<string, GapGrid>

/** What runs on a sheet say of its strength in a row of the gap, each die being as difficult as it may be. */
const ofSheetInRow = (byDie: ByDie, row: number, except?: string): Column => {
  let said = ofAnySheet
  for (const [die, grid] of byDie) if (die !== except) said = plus(said, whateverTheOther(rowOf(grid, row), ofAnyDie))
  return said
}

const rowsOfAll = (grids: readonly GapGrid[]): readonly [first: number, last: number] => [
  Math.min(...grids.map(({ firstRow }) => firstRow)),
  Math.max(...grids.map(lastRowOf)),
]

/** What runs on a sheet say of the gap, whatever its strength and its dies are. */
export const gapByDies = (byDie: ByDie): GapGrid => {
  const [first, last] = rowsOfAll([...byDie.values()])
  return gridOver(first, last, (row) => whole(ofSheetInRow(byDie, row)))
}

/** All that is known beside the runs of the very die on the very sheet. */
export interface Beside {
  /** On this press and sheet, all dies. */
  readonly here: ByDie
  /** On this press with other sheets that the asked die cut too, sheet by sheet. */
  readonly otherSheets: readonly ByDie[]
  /** Of the sheet on other presses, die by die, the gap being whatever it may be there. */
  readonly elsewhere: readonly { readonly die: string; readonly said: GapGrid }[]
}

/** What is believed of a die in a row of the gap by what it did on other sheets. */
const ofDieInRow = (otherSheets: readonly ByDie[], die: string, row: number): Column =>
  otherSheets.reduce((said, byDie) => {
    const own = byDie.get(die)
    if (!own) return said
    const sheet = ofSheetInRow(byDie, row, die)
    return plus(said, whateverTheOther(rowOf(own, row), sheet))
  }, ofAnyDie)

/**
 * What all of that says of the gap and of how hard the asked die cuts the asked sheet, for a prior that knows neither: exact as long as dies have
 * nothing in common but the sheets that they are asked on. Over gap rows and strength columns.
 */
export const evidenceOfDieOnSheet = ({ here, otherSheets, elsewhere }: Beside, die: string): GapGrid => {
  const own = here.get(die)
  const grids = [...here.values(), ...otherSheets.flatMap((byDie) => [...byDie.values()])]
  const [first, last] = grids.length > 0 ? rowsOfAll(grids) : [0, 0]
  // What is said elsewhere is the same in every row: of the sheet with any other die, and of the two together less what a prior says of them anyway.
  let ofSheet: Column = nothing
  let ofBoth: Column = nothing.map((_, column) => -logNormal(logStrengthAt(column), 0, STRENGTH_LOG_SPREAD))
  for (const each of elsewhere) {
    const said = rowOf(each.said, 0)
    if (each.die === die) ofBoth = plus(ofBoth, said)
    else ofSheet = plus(ofSheet, whateverTheOther(said, ofAnyDie))
  }
  const log = new Float64Array((last - first + 1) * STRENGTHS)
  for (let row = first; row <= last; row++) {
    const sheet = plus(ofSheetInRow(here, row, die), ofSheet)
    const both = plus(ofSumOf(sheet, ofDieInRow(otherSheets, die, row)), ofBoth)
    log.set(own ? plus(both, rowOf(own, row)) : both, (row - first) * STRENGTHS)
  }
  return { firstRow: first, log }
}

/** What runs of one press say of a die's difficulty, `ofGap` being all else that is believed of the gap there, in logarithms by row. */
export const difficultyBy = (sheets: readonly ByDie[], die: string, ofGap: (row: number) => number): Column => {
  const [first, last] = rowsOfAll(sheets.flatMap((byDie) => [...byDie.values()]))
  const rows: Column[] = []
  for (let row = first; row <= last; row++) rows.push(ofDieInRow(sheets, die, row).map((value) => value + ofGap(row)))
  return Float64Array.from(columns, (column) => logSum(rows.length, (at) => rows[at]?.[column] as number))
}

/** The prior of a die's difficulty, which `difficultyBy` has in it. */
export const ANY_DIE: Column = ofAnyDie
