import type { CutContext } from '../../job/cut-context.js'
import { DEEP_MM } from '../../press/constants.js'
import type { Bed } from '../../press/bed.js'
import { sinkingOf } from '../../press/laws/blade.js'
import { lawOf } from './cut-setup.js'

/** mm. What is left of DEEP_MM for one ordinary card on a fresh pad, beyond what it takes to cut that. */
const BEYOND_NEED_MM = 0.37

/**
 * mm. From this overcut on a blade has gone too deep into its bed: well beyond the sinking that cutting the pile itself needs, which a thick pile,
 * or a soft bed, makes more of.
 */
export const tooDeepFrom = (cut: CutContext, bed: Bed): number =>
  Math.max(DEEP_MM, BEYOND_NEED_MM + sinkingOf(lawOf(cut, bed)))
