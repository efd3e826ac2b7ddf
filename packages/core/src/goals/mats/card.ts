import { type CutContext, pileMmOf } from '../../job/cut-context.js'
import { formingOfKind } from '../../materials/sheet-kind.js'
import type { CreasedSheet } from '../../press/laws/ridge.js'

/** σ: share of what is still wanting that each pass adds to what card keeps. Notes on pressing into mats, from memory. */
export const SET_PER_PASS = 0.65

/** "All along" of a look: so much of the line, or of the area. Notes on pressing into mats, from memory. */
export const NEARLY_ALL = 0.97

/** η of card; every sheet is taken like it. Notes on pressing into mats, from memory. */
const YIELD_SHARE = 0.12

/** The sheets of a press run as they are bent over a blade and not cut. */
export const creasedSheetOf = (cut: CutContext): CreasedSheet => ({
  thicknessMm: pileMmOf(cut),
  shearStrengthMPa: cut.sheet.shearStrengthMPa,
  yieldShare: YIELD_SHARE,
  keptShare: formingOfKind(cut.sheet.kind).keptShare,
  setPerPass: SET_PER_PASS,
})
