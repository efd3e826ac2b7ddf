import type { BenchStep } from '../bench-steps.js'
import { Arrow } from './Arrow.js'
import { BorderCut } from './BorderCut.js'
import { BorderMarks } from './BorderMarks.js'
import { Change } from './Change.js'
import { Check } from './Check.js'
import { Feed } from './Feed.js'
import { GuideLay, GuideLift } from './Guide.js'
import { FreshSheets } from './FreshSheets.js'
import { Hold } from './Hold.js'
import { Lay } from './Lay.js'
import { LayOut } from './LayOut.js'
import { Look } from './Look.js'
import { OnePiece } from './OnePiece.js'
import { Press } from './Press.js'
import { Rehearse } from './Rehearse.js'
import { saidSteps } from './said-steps.js'
import type { ShownStep } from './step.js'
import { Tell } from './Tell.js'
import { ToSize } from './ToSize.js'
import { Tray } from './Tray.js'
import { WaxedPaper } from './WaxedPaper.js'

/** Every step that the Bench can show. */
export const shownSteps: { readonly [Is in BenchStep['is']]: ShownStep<Is> } = {
  check: Check,
  'to-size': ToSize,
  'lay-out': LayOut,
  lay: Lay,
  change: Change,
  'fresh-sheets': FreshSheets,
  rehearse: Rehearse,
  'one-piece': OnePiece,
  'border-marks': BorderMarks,
  'border-cut': BorderCut,
  hold: Hold,
  arrow: Arrow,
  feed: Feed,
  'waxed-paper': WaxedPaper,
  'guide-lay': GuideLay,
  'guide-lift': GuideLift,
  press: Press,
  tray: Tray,
  look: Look,
  tell: Tell,
  ...saidSteps,
}
