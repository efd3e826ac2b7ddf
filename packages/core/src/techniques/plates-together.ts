import type { Finding } from '../faults/finding.js'
import type { CutContext } from '../job/cut-context.js'
import type { Plate } from '../layers/plate.js'
import type { Stack } from '../layers/stack.js'
import { isThinMat } from '../press/mats/mat-of-plate.js'
import type { FindingCode } from './finding-code.js'
import { finding } from './technique.js'

/** The plates that the rollers touch, and where they lie. */
const outermost = (stack: Stack): { readonly plate: Plate; readonly at: number }[] =>
  [...new Set([0, stack.length - 1])].flatMap((at) => {
    const layer = stack[at]
    return layer?.is === 'plate' ? [{ plate: layer.plate, at }] : []
  })

/** What two plates are to each other in one stack, whatever is pressed between them. Common practice, no source. */
export const platesTogether = (one: Plate, other: Plate, cut: CutContext): Finding<FindingCode>[] => {
  const magnetic = one.magnetic ? one : other.magnetic ? other : undefined
  const hard = one.kind === 'hard-plate' ? one : other.kind === 'hard-plate' ? other : undefined
  const pad = [one, other].find((each) => each.kind === 'cutting-pad')
  const bows = hard && pad && !pad.reservedForSteel
  const bowing = bows ? [finding('pad-bows-with-steel', 'note', { plate: pad.name, hard: hard.name })] : []
  if (!magnetic || !hard || magnetic === hard) return bowing
  const severity = cut.rules.hardPlateWithMagnet === 'allowed' ? 'caution' : 'stop'
  return [finding('hard-plate-with-magnet', severity, { plate: hard.name, platform: magnetic.name })]
}

/** A thin mat that is not between two plates: the roller tears it. Common practice, no source. */
export const thinMatOutermost = (stack: Stack): Finding<FindingCode>[] =>
  outermost(stack).flatMap(({ plate, at }) =>
    (plate.kind === 'embossing-mat' || plate.kind === 'soft-mat') && isThinMat(plate)
      ? [finding('thin-mat-outermost', 'caution', { plate: plate.name }, at)]
      : [],
  )

/** Steel that lies bare against a roller: it bends for good. Common practice, no source. */
export const steelOutermost = (stack: Stack): Finding<FindingCode>[] =>
  outermost(stack).flatMap(({ plate, at }) =>
    plate.kind === 'hard-plate' ? [finding('steel-outermost', 'stop', { plate: plate.name }, at)] : [],
  )
