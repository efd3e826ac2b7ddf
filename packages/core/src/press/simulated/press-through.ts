import { type Drive, effortOf, handleForceN, type PredictedFeel } from '../drive.js'
import type { RollerFrame } from '../mechanics.js'
import type { PassLoads } from '../press-passes.js'

/** A press as a simulation takes it: its build, its gap with nothing in it (mm), and what turns it. */
export type SimulatedPress = RollerFrame & { readonly gapMm: number; readonly drive: Drive }

/** How a handle feels that stays far below its limit, as it does with mats; least first. */
export const fineFeels = ['nothing', 'just-felt', 'plainly-felt'] as const
export type FineFeel = (typeof fineFeels)[number]

/** Where the finer feels end, as shares of the handle's limit. */
export interface FineMarks {
  readonly nothingBelow: number
  readonly justFeltBelow: number
}

/** As a crease is felt. From memory. */
const FINE_MARKS: FineMarks = { nothingBelow: 0.02, justFeltBelow: 0.05 }

/** The finer feel of an effort (1 = the limit). */
export const fineFeelOf = (effort: number, { nothingBelow, justFeltBelow } = FINE_MARKS): FineFeel =>
  effort < nothingBelow ? 'nothing' : effort < justFeltBelow ? 'just-felt' : 'plainly-felt'

/** The efforts between which a finer feel lies. */
export const fineFeelBounds = (
  feel: FineFeel,
  { nothingBelow, justFeltBelow } = FINE_MARKS,
): readonly [from: number, to: number] =>
  feel === 'nothing'
    ? [0, nothingBelow]
    : feel === 'just-felt'
      ? [nothingBelow, justFeltBelow]
      : [justFeltBelow, Infinity]

/** What every pass tells, whatever is pressed. */
export interface PassTold<Feel = PredictedFeel> {
  readonly peakForceN: number
  readonly meanForceN: number
  /** At the crank's end; null for a motor. */
  readonly handleForceN: number | null
  readonly feel: Feel
}

export type Pressed<Pass> =
  | { readonly status: 'solved'; readonly squeezeMm: number; readonly passes: readonly Pass[] }
  /** A station did not converge; there is no number to trust. */
  | { readonly status: 'stalled'; readonly squeezeMm: number; readonly pass: number }

/** Makes the passes of a run that is set up, and tells of each. */
export const pressThrough = <Outcome extends PassLoads, Told, Feel>(
  press: SimulatedPress,
  squeezeMm: number,
  passes: number,
  run: { pass(): Outcome },
  feelFor: (effort: number) => Feel,
  tell: (outcome: Outcome) => Told,
): Pressed<Told & PassTold<Feel>> => {
  const told: (Told & PassTold<Feel>)[] = []
  for (let pass = 1; pass <= passes; pass++) {
    const outcome = run.pass()
    if (outcome.status === 'stalled') return { status: 'stalled', squeezeMm, pass }
    const { peakForceN, meanForceN, peakTorqueNmm } = outcome
    told.push({
      ...tell(outcome),
      peakForceN,
      meanForceN,
      handleForceN: handleForceN(press.drive, peakTorqueNmm) ?? null,
      feel: feelFor(effortOf(press.drive, { torqueNmm: peakTorqueNmm, forceN: peakForceN })),
    })
  }
  return { status: 'solved', squeezeMm, passes: told }
}
