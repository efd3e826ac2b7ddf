import type { BenchStep } from '../bench-steps.js'
import type { ShownStep } from '../steps/step.js'
import { BorderCutPicture, BorderMarksPicture } from './BorderPicture.js'
import { CheckPicture } from './CheckPicture.js'
import { FeedPicture } from './FeedPicture.js'
import { HoldPicture } from './HoldPicture.js'
import { LaidOutPicture } from './LaidOutPicture.js'
import { LookPicture } from './LookPicture.js'
import { MirrorPicture } from './MirrorPicture.js'
import { OnePiecePicture } from './OnePiecePicture.js'

/** What is shown beside a step; beside any other the stack as it lies. */
export const shownPictures: { readonly [Is in BenchStep['is']]?: ShownStep<Is> } = {
  check: CheckPicture,
  'lay-out': LaidOutPicture,
  'one-piece': OnePiecePicture,
  'border-marks': BorderMarksPicture,
  'border-cut': BorderCutPicture,
  hold: HoldPicture,
  feed: FeedPicture,
  mirror: MirrorPicture,
  arrow: FeedPicture,
  look: LookPicture,
}
