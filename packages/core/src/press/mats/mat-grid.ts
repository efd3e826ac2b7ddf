import { GRID_X_MM, GRID_Y_MM } from '../constants.js'
import type { GridSize } from '../nip/contact-cells.js'

/** The grid for pressing into mats: as for cutting along the feed, and as many equal rows as fill the throat. Notes on pressing into mats. */
export const matGrid = (throatMm: number): GridSize => ({
  xMm: GRID_X_MM,
  yMm: throatMm / Math.max(1, Math.round(throatMm / GRID_Y_MM)),
})
