import { factsOfJoin, type LayerJoin } from '../materials/joins.js'

/** Ways in which the layers of a shape are joined: wet glue dries first, tape does not. */
export const shapeJoins = ['wet-glue', 'tape'] as const satisfies readonly LayerJoin[]
export type ShapeJoin = (typeof shapeJoins)[number]
/** Height in mm of a shape of so many layers (one or more) of a sheet `sheetMm` thick, joined in between. */
export const shapeHeightMm = (layers: number, sheetMm: number, join: ShapeJoin = 'wet-glue'): number =>
  layers * sheetMm + (layers - 1) * factsOfJoin(join).heightMm
