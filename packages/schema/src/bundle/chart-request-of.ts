import { asUsedIn, type ChartRequest, type Die, type RowOfChart, type Sheet, techniqueOf } from '@bold-heron/core'
import { toSheet } from '../stored/to-core.js'
import {
  asItLiesUnder,
  atPress,
  type Bundle,
  logOf,
  platesOf,
  pressOf,
  shelfOf,
  stacksThatWorked,
  wornUnder,
} from './bundle.js'

/** A chart as it is asked of a bundle: a row a die, a column a sheet, each by its id. */
export interface ChartQuestion extends Pick<ChartRequest, 'technique' | 'perBase'> {
  readonly pressId: string
  /** As the technique or the house has it where absent. */
  readonly bladeSide?: ChartRequest['bladeSide']
  readonly dieIds: readonly string[]
  readonly sheetIds: readonly string[]
}

/** Everything that a chart is computed from. Undefined where the bundle holds no such press; rows and columns that it does not hold are left out. */
export const chartRequestOf = (bundle: Bundle, question: ChartQuestion): ChartRequest | undefined => {
  const { technique, pressId, perBase } = question
  const plates = platesOf(bundle)
  const press = pressOf(bundle, pressId, plates)
  if (!press) return undefined
  const { rules } = bundle
  const shelf = atPress(shelfOf(bundle, plates), pressId)
  const bladeSide = question.bladeSide ?? techniqueOf(technique).bladeSide ?? rules.bladeSide
  const pick = <Thing extends { readonly id: string }>(things: readonly Thing[], ids: readonly string[]): Thing[] => {
    const byId = new Map(things.map((thing) => [thing.id, thing]))
    return ids.flatMap((id) => byId.get(id) ?? [])
  }
  const sheets: readonly Sheet[] = pick(bundle.sheets, question.sheetIds).map(toSheet)
  const asked = sheets.map((sheet) => ({ sheet, log: logOf(bundle, { pressId, technique, sheetId: sheet.id }) }))
  const rowOf = (die: Die): RowOfChart => ({
    id: die.id,
    name: die.name,
    dies: [die],
    worn: wornUnder(shelf, asItLiesUnder(bundle, [die], press.throatMm)),
    workedBefore: Object.fromEntries(
      sheets.map(({ id }) => [
        id,
        stacksThatWorked(bundle, { pressId, technique, bladeSide, sheetCount: 1, sheetId: id, dieClass: die.dieClass }),
      ]),
    ),
    learnt: Object.fromEntries(
      asked.flatMap(({ sheet, log }) => (log?.wasCutWith([die.id]) ? [[sheet.id, log.learnt([die.id])]] : [])),
    ),
  })
  return {
    technique,
    press: asUsedIn(press, rules.passes),
    bladeSide,
    rules,
    shelf,
    rows: pick(bundle.dies, question.dieIds).map(rowOf),
    columns: asked.map(({ sheet, log }) => ({ id: sheet.id, name: sheet.name, sheet, learnt: log?.learnt() })),
    perBase,
  }
}
