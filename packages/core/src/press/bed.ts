import { bestFace, type FaceState, type Plate } from '../layers/plate.js'
import type { RidgeMat } from './laws/ridge.js'
import type { PlateKind } from '../materials/plate-kind.js'
import { LOST_PER_MM_OF_BOW } from './constants.js'

/** What the blade lands on: k_p in N/mm² (per mm of blade and mm of sinking), s_b in mm/MPa. */
export interface Bed {
  readonly indentStiffness: number
  readonly softness: number
  /** The mat that something is pressed into, where there is one. */
  readonly mat?: RidgeMat & { readonly lengthMm: number; readonly widthMm: number }
}

/** k_p of a cutting pad with a fresh face, N/mm². Press model. */
export const FRESH_PAD_STIFFNESS = 110

/** k_p of a cutting pad by its face: over deep scores the blade finds less to press against. Press model; lined from memory. */
const padStiffness: Record<FaceState, number> = { fresh: FRESH_PAD_STIFFNESS, lined: 105, scored: 70 }

/**
 * k_p and s_b of the other kinds. Press model, table of beds, but for the soft mat, which is as hard as it takes for the passes that practice reports
 * (docs/practice.md); the last seven from memory, as no blade should land on them.
 */
const beds: Record<Exclude<PlateKind, 'cutting-pad'>, Bed> = {
  'hard-plate': { indentStiffness: 2000, softness: 0 },
  'soft-mat': { indentStiffness: 32, softness: 0.02 },
  platform: { indentStiffness: 200, softness: 0 },
  spacer: { indentStiffness: 150, softness: 0 },
  'embossing-mat': { indentStiffness: 6, softness: 0.3 },
  'impression-pad': { indentStiffness: 60, softness: 0.01 },
  shim: { indentStiffness: 60, softness: 0 },
  'press-block': { indentStiffness: 150, softness: 0 },
  'heated-plate': { indentStiffness: 200, softness: 0 },
  foil: { indentStiffness: 150, softness: 0 },
}
/** What a plate is like as a bed, on the better of its faces. */
export const bedOf = (plate: Plate): Bed =>
  plate.kind === 'cutting-pad'
    ? { indentStiffness: padStiffness[bestFace(plate)] * (1 - LOST_PER_MM_OF_BOW * (plate.bowMm ?? 0)), softness: 0 }
    : beds[plate.kind]

/** mm. As thick are the soft things of the table. */
const TABLE_MM = 3

/** s_b that a plate adds wherever it lies in the stack, mm/MPa: as its thickness, Σ t/E. */
export const softnessOf = ({ kind, thickness }: Plate): number =>
  kind === 'cutting-pad' ? 0 : (beds[kind].softness * thickness.valueMm) / TABLE_MM
