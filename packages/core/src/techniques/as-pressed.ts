import type { CutContext } from '../job/cut-context.js'
import { type TechniqueId, techniqueOf } from './list.js'

/** A press run as its technique has it: made once, where it is put together from what stands on the shelf. */
export const asPressed = (technique: TechniqueId, cut: CutContext): CutContext =>
  techniqueOf(technique).asPressed?.(cut) ?? cut
