import { typicalDie } from '../../dies/typical.js'
import type { DieClass } from '../../dies/classes/list.js'
import type { CutContext } from '../../job/cut-context.js'
import { defaultHouseRules } from '../../job/house-rules.js'
import { strengthOfKind } from '../../materials/sheet-kind.js'
import { FRESH_PAD_STIFFNESS } from '../../press/bed.js'
import type { Press } from '../../press/press.js'
import { measured, type MeasuredMm } from '../../units/measured.js'
import { usualSqueezeMm } from '../usually-wanted.js'

/** A cut with a typical die of a class over plain card, as it is usual everywhere; `id` names its sheet. */
export const ordinaryCut = (
  press: Press,
  die: { readonly dieClass: DieClass; readonly height: MeasuredMm },
  sheets: { readonly id: string; readonly caliper: MeasuredMm; readonly count: number },
  { bladeSide = 'down', rules = defaultHouseRules }: Partial<Pick<CutContext, 'bladeSide' | 'rules'>> = {},
): CutContext => ({
  press,
  dies: [typicalDie(die.dieClass, die.height)],
  sheet: {
    id: sheets.id,
    name: 'card',
    kind: 'smooth-card',
    caliper: sheets.caliper,
    ...strengthOfKind('smooth-card'),
  },
  sheetCount: sheets.count,
  bladeSide,
  rules,
})

const CALIPER_MM = 0.3

/** An ordinary round: an outline over one card on a fresh pad, by a stack that is measured well. */
export const ordinaryRound = (press: Press) => ({
  cut: ordinaryCut(
    press,
    { dieClass: 'thin-outline', height: measured(1, 'caliper') },
    { id: 'ordinary', caliper: measured(CALIPER_MM, 'caliper'), count: 1 },
  ),
  bed: { indentStiffness: FRESH_PAD_STIFFNESS, softness: 0 },
  squeezeMm: usualSqueezeMm('thin-outline', CALIPER_MM),
  look: { passes: 2, seen: 'clean', hangingShare: null, hangingPlace: null, feel: 'light' } as const,
})
