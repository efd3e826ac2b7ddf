import type { Cause } from '../cause.js'
import { type CauseId, causeIds } from '../cause-ids.js'
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

const every = {
  gap: gap,
  'sheet-harder': sheetHarder,
  'die-difficult': dieDifficult,
  'wrong-layer': wrongLayer,
  'leaf-open': leafOpen,
  'die-upside-down': dieUpsideDown,
  'off-centre': offCentre,
  'middle-low': middleLow,
  'edge-parallel': edgeParallel,
  'scored-spot': scoredSpot,
  'blunt-stretch': bluntStretch,
  'pad-bowed': padBowed,
  'die-lower': dieLower,
  'too-many-sheets': tooManySheets,
  'too-fast': tooFast,
  'let-go': letGo,
  'mat-hard': matHard,
  'mat-thick': matThick,
  'mat-cut': matCut,
  'glue-wet': glueWet,
  'mirrored-wrong': mirroredWrong,
  'shape-thick': shapeThick,
  'folder-wrong-end': folderWrongEnd,
  'folder-bowed': folderBowed,
  'metal-side-down': metalSideDown,
  'plate-cool': plateCool,
  'foil-dull-side': foilDullSide,
  'lifted-too-soon': liftedTooSoon,
} as const satisfies { readonly [Id in CauseId]: Cause & { readonly id: Id } }

/** A cause that is listed. */
export type ListedCause = Cause & { readonly id: CauseId }

/** Everything that may have gone wrong. */
export const causes: readonly ListedCause[] = causeIds.map((id) => every[id])
