/** What may be asked for at the Bench around the laying of a stack, by its code. */
export type GuideStep =
  | 'check'
  | 'hold'
  | 'feed'
  | 'look'
  | 'mirror'
  | 'one-sheet'
  | 'barely-felt'
  | 'gives-way'
  | 'both-sides'
  | 'close-folder'
  | 'open-folder'
  | 'arrow'
  | 'warm-up'
  | 'foil-wait'
  | 'foil-look'

/** Minutes that a heated plate takes to warm up, and foil under it to give way. From memory; the maker's instructions come first. */
export const guideMinutes = { 'warm-up': 5, 'foil-wait': 1 } as const satisfies Partial<Record<GuideStep, number>>

/** What may come after the pressing, by its code. */
export type FinishingStep =
  'release' | 'finish' | 'glue' | 'pads' | 'bring-out' | 'fill-relief' | 'push-out' | 'mats' | 'glue-over' | 'cool-down'

/** How a press run is led through at the Bench; what is laid where is the stack's own. */
export interface BenchGuide {
  /** Before anything is laid. */
  readonly first: readonly GuideStep[]
  /** The sheet lies within what presses it, and is laid together with that: what is done in place of laying it anew. */
  readonly sheetWithin?: GuideStep
  /** Once the dies lie on the stack. */
  readonly afterDies: readonly GuideStep[]
  /** Once the sheets lie on it, before what comes over them. */
  readonly afterSheets?: readonly GuideStep[]
  /** Before the handle is turned. */
  readonly then: readonly GuideStep[]
  /** After the passes, before it is told what came of them. */
  readonly finally: readonly GuideStep[]
  /** Once it came out well. */
  readonly finishing: readonly FinishingStep[]
  /** And then, where another run of the job cuts with the same die. */
  readonly finishingOverCut?: readonly FinishingStep[]
}
