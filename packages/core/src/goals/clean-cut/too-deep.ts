import { mostDifficult } from '../../dies/difficulty.js'
import { type CutContext, pileMmOf } from '../../job/cut-context.js'
import { FRESH_PAD_STIFFNESS } from '../../press/bed.js'
import { DEEP_MM, WEDGE_RATIO } from '../../press/constants.js'
import { sinkingOf } from '../../press/laws/blade.js'

/** mm. What is left of DEEP_MM for one ordinary card, beyond the sinking into a fresh pad that it takes to cut that. */
const BEYOND_NEED_MM = 0.37

/**
 * mm. From this overcut on a blade has gone too deep into its bed: well beyond what it sinks into a fresh pad anyway while it cuts the pile, which a
 * thick pile makes more of. On a softer bed it sinks deeper, and that is too deep.
 */
export const tooDeepFrom = (cut: CutContext): number => {
  const needMm = sinkingOf({
    sheetsMm: pileMmOf(cut),
    // A die that cuts easily may sink no less.
    shearStrengthMPa: cut.sheet.shearStrengthMPa * Math.max(1, mostDifficult(cut.dies)),
    wedgeRatio: WEDGE_RATIO,
    indentStiffness: FRESH_PAD_STIFFNESS,
  })
  return Math.max(DEEP_MM, BEYOND_NEED_MM + needMm)
}
