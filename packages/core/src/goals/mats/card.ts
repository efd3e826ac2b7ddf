import { type CutContext, pileMmOf } from '../../job/cut-context.js'
import { formingOfKind } from '../../materials/sheet-kind.js'
import type { CreasedSheet } from '../../press/laws/ridge.js'
import { SET_PER_PASS, YIELD_SHARE } from './constants.js'

/** The sheets of a press run as they are bent over a blade and not cut. */
export const creasedSheetOf = (cut: CutContext): CreasedSheet => ({
  thicknessMm: pileMmOf(cut),
  shearStrengthMPa: cut.sheet.shearStrengthMPa,
  yieldShare: YIELD_SHARE,
  keptShare: formingOfKind(cut.sheet.kind).keptShare,
  setPerPass: SET_PER_PASS,
})
