import { jobMmOf } from '../job/cut-context.js'
import type { SqueezeWindow } from '../learning/squeeze-window.js'
import { type SearchRequest, searchStacks } from './search.js'

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

/** What a shelf was searched for. */
type Searched = Pick<SearchRequest, 'method' | 'cut' | 'shelf'>

/** What was found out where it had nothing. */
interface FoundOut {
  readonly window: SqueezeWindow
  readonly missingRoles: readonly string[]
  readonly stoppedBy: readonly unknown[]
  readonly beyondTheHand: boolean
}

/** The nearest stack in a stretch of squeezes, mm; undefined where the shelf builds none. */
const nearestIn = (searched: Searched, window: SqueezeWindow, lowMm: number, highMm: number, midMm: number) => {
  const stretch = { ...window, lowMm, midMm, highMm, scaleMm: STEP_MM }
  for (const places of searched.method.sequences(searched.cut)) {
    const { found } = searchStacks({ ...searched, window: stretch, workedBefore: new Set(), keep: 1, places })
    if (found[0]) return found[0].squeezeMm
  }
  return undefined
}

/** Works out why there is no stack: what is missing, which rule stops it, that the hand cannot do it, or that nothing reaches the heights that would do. */
export const whyNone = (searched: Searched, { window, missingRoles, stoppedBy, beyondTheHand }: FoundOut): WhyNone => {
  const { lowMm, midMm, highMm, gapMm } = window
  const heights = { fromMm: lowMm + gapMm, toMm: highMm + gapMm }
  if (missingRoles.length > 0) return { code: 'missing-role', ...heights }
  if (stoppedBy.length > 0) return { code: 'stopped', ...heights }
  if (beyondTheHand) return { code: 'beyond-hand', ...heights }
  const jobMm = jobMmOf(searched.cut)
  const stepped = (mm: number): number => Math.round(mm / STEP_MM) * STEP_MM
  const below = nearestIn(searched, window, Math.max(lowMm - MOST_MM, jobMm - gapMm), lowMm, lowMm)
  const above = nearestIn(searched, window, highMm, highMm + MOST_MM, highMm)
  const [addMm, thinnerMm] = [midMm - (below ?? -Infinity), (above ?? Infinity) - midMm]
  if (!Number.isFinite(Math.min(addMm, thinnerMm))) return { code: 'nothing-near', ...heights }
  return addMm <= thinnerMm
    ? { code: 'too-low', ...heights, wouldDo: { change: 'add', mm: stepped(addMm) } }
    : { code: 'too-high', ...heights, wouldDo: { change: 'thinner', mm: stepped(thinnerMm) } }
}
