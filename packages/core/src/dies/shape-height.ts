/** mm. What a thin coat of glue between two layers of card adds. From memory; a caliper on the finished shape is surer. */
export const GLUE_MM = 0.03

/** Height in mm of a shape glued up of so many layers (one or more) of a sheet `sheetMm` thick, a coat of glue between each two. */
export const shapeHeightMm = (layers: number, sheetMm: number): number => layers * sheetMm + (layers - 1) * GLUE_MM
