import { boxAround } from '../geometry/box.js'
import type { Plate } from '../layers/plate.js'
import { layOutDies } from '../placement/lay-out.js'
import { placeLines } from '../placement/place-die.js'
import { type Bed, bedOf, FRESH_PAD_STIFFNESS, softnessOf } from '../press/bed.js'
import type { HeightMap } from '../press/nip/contact-cells.js'
import { methodOf } from '../techniques/method.js'
import { type CutContext, dieClassOf } from '../techniques/technique.js'
import { bedFaceOf, bedOfStack, type Laying, PLAIN_LAYING } from '../response/cut-setup.js'
import { asLearnt } from './learnt-cut.js'
import { type Outlook, outlookOf } from './model-cost.js'
import { modelWindow } from './model-window.js'
import type { Assessment, PlanRequest } from './plan.js'
import type { PressModel } from './press-model.js'
import type { Steps } from './steps.js'

/** What might be done better with the stack at hand. */
export type Proposal =
  | { readonly code: 'turn'; readonly degrees: number }
  | { readonly code: 'lengthways' }
  | { readonly code: 'centre-shim'; readonly shim: string; readonly thicknessMm: number; readonly widthMm: number }
  | { readonly code: 'hard-plate'; readonly plate: string }
  | { readonly code: 'one-sheet-fewer' }
  | { readonly code: 'fresh-face' }
  | { readonly code: 'waxed-paper' }

/** A proposal and what it is predicted to change; passes and effort fall where it helps, the chance rises. */
export interface Suggestion {
  readonly proposal: Proposal
  /** Absent where it does not change the cut itself, as with waxed paper. */
  readonly gain:
    | {
        readonly passes: number
        /** Of the hardest pass, as a share of what the hand can do. */
        readonly effort: number
        /** Of a clean cut after the passes recommended now. */
        readonly chance: number
        /** How much deeper the blade goes into the bed, mm; negative where it spares the bed. */
        readonly overcutMm: number
        /** Points of the ranking; what the suggestions are ordered by. */
        readonly worth: number
      }
    | undefined
}

const TURNS = [7, 12] as const

/** A suggestion is made when it is worth at least so many points, or takes a tenth off the effort. From memory. */
const WORTH_SAYING = 0.8
const EFFORT_SAVED = 0.1

/** mm. A centre shim thicker than this would mark the sheet at its edge. From memory. */
const THICKEST_CENTRE_SHIM_MM = 0.2

const gainOf = (before: Outlook, after: Outlook): NonNullable<Suggestion['gain']> => ({
  passes: after.passes - before.passes,
  effort: after.effort - before.effort,
  chance: (after.chances.cleanBy[before.passes - 1] ?? 0) - (before.chances.cleanBy[before.passes - 1] ?? 0),
  overcutMm: after.overcutMm - before.overcutMm,
  worth: before.cost - after.cost,
})

const isWorthIt = ({ worth, effort }: NonNullable<Suggestion['gain']>): boolean =>
  worth >= WORTH_SAYING || (worth > -WORTH_SAYING / 2 && effort <= -EFFORT_SAVED)

/** Whether the dies, turned, still go through the throat and lie on pads as long and wide as these. */
const fitsTurned = ({ dies, press }: CutContext, degrees: number, pads: readonly Plate[]): boolean => {
  const poses = layOutDies(dies, press.throatMm, degrees)
  const box = boxAround(dies.flatMap((die, at) => placeLines(die.outline.lines, poses[at] as (typeof poses)[number])))
  if (!box) return false
  const [alongMm, acrossMm] = [box.toX - box.fromX, box.toY - box.fromY]
  return (
    box.fromY >= 0 &&
    box.toY <= press.throatMm &&
    pads.every((pad) => alongMm <= pad.lengthMm && acrossMm <= pad.fullThicknessWidthMm)
  )
}

/**
 * Looks for what would make this stack cut better, each simulated: turning the die, feeding it lengthways, a centre shim where
 * the middle hangs, a hard plate, one sheet fewer, a fresh face; and waxed paper for lace. Best first.
 */
export function* suggestionSteps(asked: PlanRequest, assessment: Assessment, model: PressModel): Steps<Suggestion[]> {
  const { request, gap } = asLearnt(asked, model)
  const { cut, shelf } = request
  const { stack, ledger, certainty, prediction } = assessment
  const bed = bedOfStack(stack)
  if (!bed || !prediction) return []
  const outlookWith = (changed: { cut?: CutContext; bed?: Bed; laying?: Laying; squeezeMm?: number }): Outlook =>
    outlookOf(
      model.responseOf(changed.cut ?? cut, changed.bed ?? bed, changed.laying ?? PLAIN_LAYING),
      changed.squeezeMm ?? ledger.squeezeMm,
      certainty.spreadMm,
      cut.rules,
      gap.nodes,
    )
  const now = outlookWith({})
  const suggestions: Suggestion[] = []
  const offer = (proposal: Proposal, after: Outlook): void => {
    const gain = gainOf(now, after)
    if (isWorthIt(gain)) suggestions.push({ proposal, gain })
  }

  const pads = stack.flatMap((layer) =>
    layer.is === 'plate' && layer.plate.kind === 'cutting-pad' ? [layer.plate] : [],
  )
  const turns = TURNS.filter((degrees) => fitsTurned(cut, degrees, pads)).map((degrees) => ({
    degrees,
    after: outlookWith({ laying: { rotationDeg: degrees } }),
  }))
  yield 0.3
  const bestTurn = turns.sort((a, b) => a.after.effort - b.after.effort)[0]
  if (bestTurn) offer({ code: 'turn', degrees: bestTurn.degrees }, bestTurn.after)
  if (fitsTurned(cut, 90, pads)) offer({ code: 'lengthways' }, outlookWith({ laying: { rotationDeg: 90 } }))
  yield 0.5

  if (prediction.passes.some((pass) => pass.hanging?.place === 'middle')) {
    const across = Math.max(...cut.dies.map((die) => die.widthMm))
    const widthMm = Math.round(across / 3)
    const middleMm = cut.press.throatMm / 2
    const thin = shelf.filter((plate) => plate.kind === 'shim' && plate.thickness.valueMm <= THICKEST_CENTRE_SHIM_MM)
    const [first] = thin.sort((a, b) => a.thickness.valueMm - b.thickness.valueMm)
    if (first) {
      const thicknessMm = first.thickness.valueMm
      const heights: HeightMap = (_x, y) => (Math.abs(y - middleMm) <= widthMm / 2 ? thicknessMm : 0)
      offer(
        { code: 'centre-shim', shim: first.name, thicknessMm, widthMm },
        outlookWith({ laying: { rotationDeg: 0, heights } }),
      )
    }
  }
  yield 0.7

  const bedPlace = methodOf(request)
    .places(dieClassOf(cut), cut.bladeSide, cut.rules)
    .find((place) => place.is === 'plates' && place.role === 'bed')
  const hard = shelf.find((plate) => plate.kind === 'hard-plate')
  if (hard && bedPlace?.is === 'plates' && bedPlace.kinds.includes('hard-plate')) {
    const hardBed = { indentStiffness: bedOf(hard).indentStiffness, softness: softnessOf(hard) }
    if (hardBed.indentStiffness > bed.indentStiffness) {
      // The plates around it change too, so it is taken at its own best squeeze.
      const best = modelWindow(model.responseOf(cut, hardBed), gap, cut.rules)
      if (best) offer({ code: 'hard-plate', plate: hard.name }, outlookWith({ bed: hardBed, squeezeMm: best.midMm }))
    }
  }
  yield 0.85

  if (cut.sheetCount > 1) {
    const fewer = { ...cut, sheetCount: cut.sheetCount - 1 }
    const squeezeMm = ledger.squeezeMm - cut.sheet.caliper.valueMm
    offer({ code: 'one-sheet-fewer' }, outlookWith({ cut: fewer, squeezeMm }))
  }
  const face = bedFaceOf(stack)
  if (face === 'scored' || face === 'lined')
    offer({ code: 'fresh-face' }, outlookWith({ bed: { ...bed, indentStiffness: FRESH_PAD_STIFFNESS } }))
  if (dieClassOf(cut) === 'thin-lace') suggestions.push({ proposal: { code: 'waxed-paper' }, gain: undefined })
  return suggestions.sort((a, b) => (b.gain?.worth ?? -Infinity) - (a.gain?.worth ?? -Infinity))
}
