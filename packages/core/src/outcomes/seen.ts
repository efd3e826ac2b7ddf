/** What a look at the sheet shows after a round, least cut first. */
export const seenOutcomes = ['untouched', 'dented', 'hanging', 'clean', 'cut-into-pad'] as const
export type Seen = (typeof seenOutcomes)[number]

/** Where on the line it hung. */
export const hangingPlaces = ['ends', 'middle', 'one-side', 'one-spot', 'all-over'] as const
export type HangingPlace = (typeof hangingPlaces)[number]

/** How the handle felt, easiest first. */
export const handleFeels = ['free', 'light', 'firm', 'hard', 'stopped'] as const
export type HandleFeel = (typeof handleFeels)[number]

/** One set of passes and the look after it. */
export interface Round {
  readonly passes: number
  readonly seen: Seen
  /** Share of the line still hanging, 0…1, where it hung. */
  readonly hangingShare: number | null
  readonly hangingPlace: HangingPlace | null
  readonly feel: HandleFeel
}

/** Whether a look calls the cut good. */
export const isGood = (seen: Seen): boolean => seen === 'clean' || seen === 'cut-into-pad'

/** Whether a round came to a good end: it looks good, and the handle went round. */
export const cameOutGood = ({ seen, feel }: Pick<Round, 'seen' | 'feel'>): boolean => isGood(seen) && feel !== 'stopped'

/** Whether rounds came to a good end; none did not. */
export const endedGood = (rounds: readonly Round[]): boolean => {
  const last = rounds.at(-1)
  return last !== undefined && cameOutGood(last)
}

/** All passes of a pressing. */
export const totalPasses = (rounds: readonly Round[]): number => rounds.reduce((sum, round) => sum + round.passes, 0)
