import {
  asPressed,
  asUsedIn,
  type CutContext,
  type Die,
  placedCut,
  placedRequest,
  type Placement,
  type PlanRequest,
  rulesForOnce,
} from '@bold-heron/core'
import { sheetOfRun, toSheet } from '../stored/to-core.js'
import type { PlanQuestion } from '../wire/plan.js'
import { asItLiesUnder, atPress, type Bundle, logOf, platesOf, pressOf, shelfOf, stacksThatWorked } from './bundle.js'

export interface AskedBeside {
  /** Runs not to learn from: whoever asks knows them already. */
  readonly exceptRuns?: readonly string[] | undefined
  /** Where things lie on the card; the request is for its run in hand. */
  readonly placement?: Placement | null | undefined
}

/** Everything the planner needs for a question about a workshop. Undefined where the bundle holds no such press, die or sheet. */
export const planRequestOf = (
  bundle: Bundle,
  question: PlanQuestion,
  { exceptRuns = [], placement = null }: AskedBeside = {},
): PlanRequest | undefined => {
  const { technique, region, pressId, dieIds, sheetId, offcutId, waxedPaper } = question
  const byId = new Map(bundle.dies.map((die) => [die.id, die]))
  const dieOf = (id: string): Die | undefined => byId.get(id)
  const dies = dieIds.flatMap((id) => dieOf(id) ?? [])
  const row = bundle.sheets.find(({ id }) => id === sheetId)
  const plates = platesOf(bundle)
  const press = pressOf(bundle, pressId, plates)
  if (!press || !row || dies.length < dieIds.length) return undefined
  const leftover = bundle.leftovers.find(({ id }) => id === offcutId)
  const { rules } = bundle
  const plain: CutContext = asPressed(technique, {
    press: asUsedIn(press, rules.passes),
    dies,
    sheet: sheetOfRun(row, { leftover, waxedPaper }),
    sheetCount: question.sheetCount,
    bladeSide: question.bladeSide ?? rules.bladeSide,
    rules: question.once ? rulesForOnce(rules) : rules,
    ...(question.onlyOne ? { onlyOne: true } : {}),
  })
  const cut = placement ? placedCut(plain, placement, dieOf) : plain
  const { bladeSide, sheetCount } = cut
  const dieClass = cut.dies[0]?.dieClass ?? ''
  const of = { pressId, technique, sheetId: cut.sheet.id }
  const request: PlanRequest = {
    technique,
    region,
    cut: plain,
    shelf: atPress(shelfOf(bundle, plates), press.id).map(asItLiesUnder(bundle, cut.dies, cut.press.throatMm)),
    workedBefore: stacksThatWorked(bundle, { ...of, bladeSide, sheetCount, dieClass }),
    learnt: logOf(bundle, of, exceptRuns)?.learnt(cut.dies.map(({ id }) => id)),
  }
  if (!placement) return request
  const sheets = new Map(bundle.sheets.map((sheet) => [sheet.id, toSheet(sheet)]))
  return placedRequest(request, placement, dieOf, (id) => sheets.get(id))
}
