import { dieClassOf, jobLayer } from '../job/cut-context.js'
import { thicknessOf } from '../layers/layer.js'
import type { SqueezeWindow } from '../learning/squeeze-window.js'
import { methodOf } from '../techniques/method.js'
import type { Plan, PlanRequest } from './plan.js'
import { searchStacks } from './search.js'

/** Why a shelf has no stack for what is asked. */
export const whyCodes = ['missing-role', 'stopped', 'beyond-hand', 'too-low', 'too-high', 'nothing-near'] as const
type WhyCode = (typeof whyCodes)[number]

/** Why there is no stack, how high one would have to be, and what would make one of the nearest. mm. */
export interface WhyNone {
  readonly code: WhyCode
  /** Heights of the whole stack between which it would do. */
  readonly fromMm: number
  readonly toMm: number
  /** A plate more that is so thick, or one that is so much thinner; absent where neither makes a stack. */
  readonly wouldDo?: { readonly change: 'add' | 'thinner'; readonly mm: number }
}

/** mm. No plate is thicker that is told to be added, and none is asked to be thinner by more. */
const MOST_MM = 8
/** mm. Thicknesses are told in these steps. */
const STEP_MM = 0.1

/** The nearest stack in a stretch of squeezes, mm; undefined where the shelf builds none. */
const nearestIn = (request: PlanRequest, window: SqueezeWindow, lowMm: number, highMm: number, midMm: number) => {
  const { cut, shelf } = request
  const method = methodOf(request)
  const stretch = { ...window, lowMm, midMm, highMm, scaleMm: STEP_MM }
  for (const places of method.sequences(dieClassOf(cut), cut.bladeSide, cut.rules)) {
    const { found } = searchStacks({ method, cut, window: stretch, shelf, workedBefore: new Set(), keep: 1, places })
    if (found[0]) return found[0].squeezeMm
  }
  return undefined
}

/** Works out why there is no stack: what is missing, which rule stops it, that the hand cannot do it, or that nothing reaches the heights that would do. */
export const whyNone = (
  request: PlanRequest,
  {
    window,
    missingRoles,
    stoppedBy,
    beyondTheHand,
  }: Pick<Plan, 'window' | 'missingRoles' | 'stoppedBy' | 'beyondTheHand'>,
): WhyNone => {
  const { lowMm, midMm, highMm, gapMm } = window
  const heights = { fromMm: lowMm + gapMm, toMm: highMm + gapMm }
  if (missingRoles.length > 0) return { code: 'missing-role', ...heights }
  if (stoppedBy.length > 0) return { code: 'stopped', ...heights }
  if (beyondTheHand) return { code: 'beyond-hand', ...heights }
  const jobMm =
    thicknessOf(jobLayer('dies', request.cut)).valueMm + thicknessOf(jobLayer('sheets', request.cut)).valueMm
  const stepped = (mm: number): number => Math.round(mm / STEP_MM) * STEP_MM
  const below = nearestIn(request, window, Math.max(lowMm - MOST_MM, jobMm - gapMm), lowMm, lowMm)
  const above = nearestIn(request, window, highMm, highMm + MOST_MM, highMm)
  const [addMm, thinnerMm] = [midMm - (below ?? -Infinity), (above ?? Infinity) - midMm]
  if (!Number.isFinite(Math.min(addMm, thinnerMm))) return { code: 'nothing-near', ...heights }
  return addMm <= thinnerMm
    ? { code: 'too-low', ...heights, wouldDo: { change: 'add', mm: stepped(addMm) } }
    : { code: 'too-high', ...heights, wouldDo: { change: 'thinner', mm: stepped(thinnerMm) } }
}
