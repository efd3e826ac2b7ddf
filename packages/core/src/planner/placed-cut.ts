import { type Die, tallest } from '../dies/die.js'
import { type Affine, transformed } from '../geometry/affine.js'
import { boxAround, heightOfBox, middleOf, widthOf } from '../geometry/box.js'
import type { Computed } from '../goals/computed.js'
import type { BladeSide } from '../layers/layer.js'
import type { Plate } from '../layers/plate.js'
import { platesInRole, type Stack } from '../layers/stack.js'
import type { Sheet } from '../materials/sheet.js'
import { normalBelow } from '../numerics/normal.js'
import { gluedBlock } from '../placement/card-stack.js'
import { cutOfRun } from '../placement/cut-of-run.js'
import { framedBy } from '../placement/frame-round.js'
import type { Placement, PlacedRun, RegionId } from '../placement/placed-run.js'
import { layOutDies } from '../placement/lay-out.js'
import { cardToPress } from '../placement/press-view.js'
import type { CutContext } from '../job/cut-context.js'
import { computedOf } from '../techniques/computed-of.js'
import type { LineMap } from '../goals/line-map.js'
import { cutIn } from './learnt-cut.js'
import { planSteps } from './model-plan.js'
import type { Assessment, Plan, PlanRequest } from './plan.js'
import type { SimulatedResponses } from './simulated-responses.js'
import type { Steps } from '../numerics/steps.js'
import { MOST_GLUED } from '../placement/constants.js'

/** The run of a placement that is planned and pressed now. */
const runInHand = ({ runs, runInHand: at }: Placement): PlacedRun | undefined => runs[at]

type DieOf = (id: string) => Die | undefined

/**
 * The dies of a placement's run in hand as one die that has the pressed lines of all that lie there, as they lie between the
 * rollers. Those given where nothing is laid, or nothing is pressed.
 */
export const placedDies = (
  placement: Placement,
  blade: BladeSide,
  given: readonly Die[],
  dieOf: DieOf,
): readonly Die[] => {
  const run = runInHand(placement)
  if (!run) return given
  const { dies } = cutOfRun(run, placement.card, dieOf)
  const place = cardToPress(placement.card, run, blade)
  const lines = dies.flatMap((die) => die.cut.map((line) => transformed(line, place)))
  const box = boxAround(lines)
  const laid = dies.flatMap(({ laid: { dieId } }) => dieOf(dieId) ?? [])
  const [first] = laid
  if (!box || !first) return given
  return [
    {
      ...first,
      id: [...new Set(laid.map((each) => each.id))].join(' '),
      name: [...new Set(laid.map((each) => each.name))].join(', '),
      lengthMm: widthOf(box),
      widthMm: heightOfBox(box),
      height: tallest(laid),
      fitForFoam: laid.every((each) => each.fitForFoam),
      outline: { source: first.outline.source, lines },
    },
  ]
}

/** A cut as a placement's run in hand makes it: its dies as they lie, the sheets twice where the card goes in folded. */
export const placedCut = (cut: CutContext, placement: Placement, dieOf: DieOf): CutContext => {
  const run = runInHand(placement)
  if (!run) return cut
  return {
    ...cut,
    dies: placedDies(placement, cut.bladeSide, cut.dies, dieOf),
    // What lies on a card may run off it as it was laid.
    sheet: { ...cut.sheet, sizeMm: undefined },
    sheetCount: cut.sheetCount * (run.goesIn === 'folded' ? 2 : 1),
    ...(framedBy(placement.runs, placement.runInHand, dieOf) ? { framesPiece: true } : {}),
    ...(run.region === 'to-line' && run.padId !== null ? { edgePadId: run.padId } : {}),
  }
}

/** mm. A glued block is thicker than the usual squeeze by so much: twice the doubt of a press known by its class, so that nothing dents beside it. */
const CLEAR_OF_DENT_MM = 0.7

/** Blocks that a run may be built with: the plate it names, or so many sheets of the card it names glued up. */
const blocksFor = (
  goal: Computed,
  run: PlacedRun,
  cut: CutContext,
  shelf: readonly Plate[],
  sheetOf: (id: string) => Sheet | undefined,
): Plate[] => {
  const [block] = run.blocks
  if (run.region !== 'under-block' || !block) return []
  const { material } = block
  if (material.is === 'plate') return shelf.filter((plate) => plate.id === material.plateId)
  const sheet = sheetOf(material.sheetId)
  if (!sheet) return []
  const thick = goal.usualSqueezeMm(cut) + CLEAR_OF_DENT_MM
  return Array.from({ length: MOST_GLUED }, (_, at) => gluedBlock(sheet, at + 1, block.heightMm, block.widthMm)).filter(
    ({ thickness }) => thickness.valueMm >= thick,
  )
}

/** The planner's question for a placement's run in hand. */
export const placedRequest = (
  request: PlanRequest,
  placement: Placement,
  dieOf: DieOf,
  sheetOf: (id: string) => Sheet | undefined,
): PlanRequest => {
  const run = runInHand(placement)
  if (!run) return request
  const cut = placedCut(request.cut, placement, dieOf)
  return {
    ...request,
    region: run.region,
    cut,
    shelf: [
      ...request.shelf.filter((plate) => plate.kind !== 'press-block'),
      ...blocksFor(computedOf(request), run, cut, request.shelf, sheetOf),
    ],
  }
}

/** The plate that presses on the back of the die: the block, or the pad that ends on a line. */
const behindDie = (stack: Stack): Plate | undefined => platesInRole(stack, 'block')[0] ?? platesInRole(stack, 'pad')[0]

/** What the stack does beside what is pressed. Lengths in mm. */
export interface BesidePressed {
  /** How far the stack is from touching there; negative where it still squeezes. */
  readonly clearMm: number
  /** Chance that the blade dents the card there all the same. */
  readonly dentChance: number
  /** Beyond a bevelled edge: how far it still cuts, and how far it dents. 0 at a square edge. */
  readonly cutsToMm: number
  readonly dentsToMm: number
}

/**
 * Beside a pad's edge the stack is thinner by the pad, beside a block by the block: I = squeeze − thickness there; over a bevel
 * it falls evenly to that (from memory: a bevel runs out to nothing). The blade dents where I > 0 and cuts from `cleanFromMm` on.
 * Undefined for a run that presses everything, or a stack without what makes the difference.
 */
export const besidePressed = (
  { stack, ledger, certainty, window }: Pick<Assessment, 'stack' | 'ledger' | 'certainty' | 'window'>,
  region: RegionId,
): BesidePressed | undefined => {
  const plate = region === 'all' ? undefined : behindDie(stack)
  if (!plate) return undefined
  const away = plate.thickness
  const besideMm = ledger.squeezeMm - away.valueMm
  const spreadMm = Math.hypot(certainty.spreadMm, away.spreadMm)
  const bevelMm = region === 'to-line' ? (plate.widthMm - plate.fullThicknessWidthMm) / 2 : 0
  const along = (atMm: number): number =>
    Math.min(bevelMm, Math.max(0, (bevelMm * (ledger.squeezeMm - atMm)) / away.valueMm))
  return {
    clearMm: -besideMm,
    dentChance: normalBelow(besideMm / spreadMm),
    cutsToMm: along(window.lowMm),
    dentsToMm: along(0),
  }
}

/** What comes of a placement's run in hand: the plan, what it does beside what is pressed, and the cut on the card. */
export interface PlacedPlan {
  readonly plan: Plan
  readonly beside: BesidePressed | undefined
  /** The lines as they are cut after the recommended passes, on the card's front; undefined where no stack was found. */
  readonly map: LineMap | undefined
}

/** Points between the rollers back on the card's front: what `cardToPress` and the middle of the throat moved. */
const backOnCard = (points: Float32Array, [a, b, c, d, e, f]: Affine, shiftX: number, shiftY: number): Float32Array => {
  const back = new Float32Array(points.length)
  for (let at = 0; at < points.length; at += 2) {
    const x = (points[at] as number) - shiftX - e
    const y = (points[at + 1] as number) - shiftY - f
    // A turn or a mirror image is undone by its transpose.
    back[at] = a * x + b * y
    back[at + 1] = c * x + d * y
  }
  return back
}

/** Plans a placement's run in hand with the press simulated, slice by slice. `request` is the planner's as if nothing were laid. */
export function* placedPlanSteps(
  request: PlanRequest,
  placement: Placement,
  things: { readonly dies: readonly Die[]; readonly sheets: readonly Sheet[] },
  responses: SimulatedResponses,
): Steps<PlacedPlan> {
  const run = runInHand(placement)
  const asked = placedRequest(
    request,
    placement,
    (id) => things.dies.find((die) => die.id === id),
    (id) => things.sheets.find((sheet) => sheet.id === id),
  )
  const goal = computedOf(asked)
  const plan = yield* planSteps(asked, responses)
  const { best } = plan
  const bed = best && goal.bedOfStack(best.stack)
  if (!run || !best || !bed) return { plan, beside: undefined, map: undefined }
  const { cut } = asked
  const passes = best.prediction?.recommended ?? best.passes.passes
  const pressed = goal.mapOf(cutIn(asked, best.window), bed, best.ledger.squeezeMm, passes)
  const [die] = cut.dies
  const box = die && boxAround(die.outline.lines)
  const [pose] = layOutDies(cut.dies, cut.press.throatMm, 0)
  const map =
    box && pose
      ? {
          ...pressed,
          points: backOnCard(
            pressed.points,
            cardToPress(placement.card, run, cut.bladeSide),
            pose.xMm - middleOf(box)[0],
            pose.yMm - middleOf(box)[1],
          ),
        }
      : undefined
  return { plan, beside: besidePressed(best, run.region), map }
}
