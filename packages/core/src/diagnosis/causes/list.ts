import type { Cause } from '../cause.js'
import { bluntStretch } from './blunt-stretch.js'
import { dieDifficult } from './die-difficult.js'
import { dieLower } from './die-lower.js'
import { dieUpsideDown } from './die-upside-down.js'
import { edgeParallel } from './edge-parallel.js'
import { foilDullSide } from './foil-dull-side.js'
import { folderBowed } from './folder-bowed.js'
import { folderWrongEnd } from './folder-wrong-end.js'
import { gap } from './gap.js'
import { glueWet } from './glue-wet.js'
import { leafOpen } from './leaf-open.js'
import { letGo } from './let-go.js'
import { liftedTooSoon } from './lifted-too-soon.js'
import { matCut } from './mat-cut.js'
import { matHard } from './mat-hard.js'
import { matThick } from './mat-thick.js'
import { metalSideDown } from './metal-side-down.js'
import { middleLow } from './middle-low.js'
import { mirroredWrong } from './mirrored-wrong.js'
import { offCentre } from './off-centre.js'
import { padBowed } from './pad-bowed.js'
import { plateCool } from './plate-cool.js'
import { scoredSpot } from './scored-spot.js'
import { shapeThick } from './shape-thick.js'
import { sheetHarder } from './sheet-harder.js'
import { tooFast } from './too-fast.js'
import { tooManySheets } from './too-many-sheets.js'
import { wrongLayer } from './wrong-layer.js'

/** Everything that may have gone wrong. */
export const causes = [
  gap,
  sheetHarder,
  dieDifficult,
  wrongLayer,
  leafOpen,
  dieUpsideDown,
  offCentre,
  middleLow,
  edgeParallel,
  scoredSpot,
  bluntStretch,
  padBowed,
  dieLower,
  tooManySheets,
  tooFast,
  letGo,
  matHard,
  matThick,
  matCut,
  glueWet,
  mirroredWrong,
  shapeThick,
  folderWrongEnd,
  folderBowed,
  metalSideDown,
  plateCool,
  foilDullSide,
  liftedTooSoon,
] as const

export type CauseId = (typeof causes)[number]['id']

/** A cause that is listed. */
export type ListedCause = Cause & { readonly id: CauseId }
