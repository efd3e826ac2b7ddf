import { factsOfDieClass } from '../../dies/classes/list.js'
import { boxAround } from '../../geometry/box.js'
import { type CutContext, dieClassOf } from '../../job/cut-context.js'
import type { Plate } from '../../layers/plate.js'
import { linesLaid } from '../../placement/lines-laid.js'
import { bedOf, FRESH_PAD_STIFFNESS, softnessOf } from '../../press/bed.js'
import type { Change, Changes } from '../change.js'
import type { Computed } from '../computed.js'
import { centreShimHeights, isCentreShim } from './centre-shim.js'
import { bedFaceOf } from './cut-setup.js'

const TURNS = [7, 12] as const

/** Whether the dies, turned, still go through the throat and lie on pads as long and wide as these. */
const fitsTurned = ({ dies, press }: CutContext, degrees: number, pads: readonly Plate[]): boolean => {
  const box = boxAround(linesLaid(dies, press.throatMm, degrees).flat())
  if (!box) return false
  const [alongMm, acrossMm] = [box.toX - box.fromX, box.toY - box.fromY]
  return (
    box.fromY >= 0 &&
    box.toY <= press.throatMm &&
    pads.every((pad) => alongMm <= pad.lengthMm && acrossMm <= pad.fullThicknessWidthMm)
  )
}

const turned = (degrees: number): Change => ({ proposal: { code: 'turn', degrees }, laying: { rotationDeg: degrees } })

/** A strip of each shim that is thin enough for it. */
const centreShims = (cut: CutContext, shelf: readonly Plate[]): Change[] => {
  const widthMm = Math.round(Math.max(...cut.dies.map((die) => die.widthMm)) / 3)
  return shelf.filter(isCentreShim).map(({ name, thickness: { valueMm } }) => ({
    proposal: { code: 'centre-shim', shim: name, thicknessMm: valueMm, widthMm },
    laying: { rotationDeg: 0, heights: centreShimHeights(cut.press.throatMm, widthMm / 2, valueMm) },
  }))
}

/**
 * What would make a stack cut better: turning the die, feeding it lengthways, a centre shim where the middle hangs, a hard plate, one
 * sheet fewer, a fresh face; and waxed paper for lace.
 */
export const cutChanges: Computed['changesTo'] = (
  cut,
  { stack, bed, squeezeMm, prediction, shelf, bedKinds },
): Changes => {
  const pads = stack.flatMap((layer) =>
    layer.is === 'plate' && layer.plate.kind === 'cutting-pad' ? [layer.plate] : [],
  )
  const weighed: (Change | readonly Change[])[] = [
    TURNS.filter((degrees) => fitsTurned(cut, degrees, pads)).map(turned),
  ]
  if (fitsTurned(cut, 90, pads)) weighed.push({ proposal: { code: 'lengthways' }, laying: { rotationDeg: 90 } })
  if (prediction.passes.some((pass) => pass.of === 'cut' && pass.hanging?.place === 'middle'))
    weighed.push(centreShims(cut, shelf))
  const hard = shelf.find((plate) => plate.kind === 'hard-plate')
  if (hard && bedKinds.includes('hard-plate')) {
    const hardBed = { indentStiffness: bedOf(hard).indentStiffness, softness: softnessOf(hard) }
    if (hardBed.indentStiffness > bed.indentStiffness)
      weighed.push({ proposal: { code: 'hard-plate', plate: hard.name }, bed: hardBed, atItsBest: true })
  }
  if (cut.sheetCount > 1)
    weighed.push({
      proposal: { code: 'one-sheet-fewer' },
      cut: { ...cut, sheetCount: cut.sheetCount - 1 },
      squeezeMm: squeezeMm - cut.sheet.caliper.valueMm,
    })
  const face = bedFaceOf(stack)
  if (face === 'scored' || face === 'lined')
    weighed.push({ proposal: { code: 'fresh-face' }, bed: { ...bed, indentStiffness: FRESH_PAD_STIFFNESS } })
  const isWaxed = cut.sheet.parts?.some(({ part }) => part === 'waxed-paper')
  return { weighed, saidAnyway: factsOfDieClass(dieClassOf(cut)).lacy && !isWaxed ? [{ code: 'waxed-paper' }] : [] }
}
