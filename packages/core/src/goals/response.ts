/** The squeezes in mm at which something begins to happen; index 0 is the first pass, Infinity where it never does. */
export interface Thresholds {
  /** What is wanted is there from here on. */
  readonly goodFromMm: readonly number[]
  /** The handle stops, or the motor stalls. */
  readonly stopFromMm: number
}

/** Between which squeezes a press run comes out as wanted, mm. */
export interface Between {
  readonly lowMm: number
  readonly highMm: number
  /** How far off the best matters, for ranking: half a narrow window. */
  readonly scaleMm: number
}

/**
 * How one press run on one base answers to the squeeze and to the strength of the sheet (a factor, 1 = as in its table): simulated where
 * it is asked, and remembered. All stacks that share the base share the response, as nothing else of a stack enters the press but
 * its squeeze.
 */
export interface Response {
  /** Thickness of the sheets, mm. */
  readonly pileMm: number
  /** How many series of passes were simulated so far. */
  readonly simulated: number
  /** Squeezes in mm that were looked at with the sheet as strong as its table says, ascending; between them it is read in straight lines. */
  readonly lookedMm: readonly number[]
  /** Least squeeze in mm that does after `passes` passes; Infinity where none looked at is enough. */
  goodFrom(passes: number, strength?: number): number
  /** Least squeeze in mm at which the effort reaches a share of the press's limit; Infinity where it never does. */
  effortFrom(share: number, strength?: number): number
  /** Squeezes in mm from which it does harm that it should not, by the end of pass 1, 2 …; remembered. */
  harmFrom(strength: number): readonly number[]
  /** All thresholds for a strength, remembered; the handle stops at a share of the press's limit. */
  thresholds(strength: number, handShare: number): Thresholds
  /** Where it comes out as wanted within so many passes, by a hand of this share of the press's limit; undefined where it never does. */
  window(mostPasses: number, handShare: number): Between | undefined
  /** Effort of the hardest pass at a squeeze, as a share of the press's limit. */
  effortAt(squeezeMm: number): number
  /** What so many passes at a squeeze do to what lies under the sheets, in mm or another measure of the goal's. */
  harmAt(squeezeMm: number, passes: number): number
  /** Whether harm done means that it did not come out as wanted. */
  readonly harmSpoils: boolean
  /** What one unit of that costs in the ranking, in points. */
  readonly costOfHarm: number
}
