import type { HangingStretch } from './hanging-stretch.js'

/** Where on the line it hung. */
export const hangingPlaces = ['ends', 'middle', 'one-side', 'one-spot', 'all-over'] as const
export type HangingPlace = (typeof hangingPlaces)[number]

/** How the handle felt, easiest first. */
const coarseFeels = ['free', 'light', 'firm', 'hard', 'stopped'] as const
/** Where a handle stays far below its limit, as with mats. */
const finerFeels = ['nothing', 'just-felt', 'plainly-felt'] as const
/** Of a pass in which nobody minded the handle. */
export const NOT_FELT = 'not-felt'
export const handleFeels = [...coarseFeels, ...finerFeels, NOT_FELT] as const
export type HandleFeel = (typeof handleFeels)[number]

/** What may be felt of one thing that is pressed, easiest first. */
export const feelsOn = { coarse: coarseFeels, fine: [...finerFeels, 'stopped'] } as const satisfies Record<
  string,
  readonly HandleFeel[]
>

/** One set of passes and the look after it; what can be seen is its goal's to say. */
export interface RoundOf<Seen extends string> {
  readonly passes: number
  readonly seen: Seen
  /** Share of the line still hanging, 0…1, where it hung. */
  readonly hangingShare: number | null
  readonly hangingPlace: HangingPlace | null
  /** Which of several dies side by side hung, where not all did: what is told of hanging is told of these. Absent: of all. */
  readonly hangingDieIds?: readonly string[] | undefined
  /** Which stretches hung, where that was pointed out on the outline; share and place are then what these come to. */
  readonly hangingAt?: readonly HangingStretch[] | undefined
  /** How often that was pointed out anew; never where absent. */
  readonly pointedOut?: number | undefined
  readonly feel: HandleFeel
}

/** All passes of a pressing. */
export const totalPasses = (rounds: readonly Pick<RoundOf<string>, 'passes'>[]): number =>
  rounds.reduce((sum, round) => sum + round.passes, 0)
