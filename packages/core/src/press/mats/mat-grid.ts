import { GRID_X_MM, GRID_Y_MM } from '../constants.js'
import type { GridSize } from '../nip/contact-cells.js'

/** A coarser grid for responses: moves thresholds far less than their doubt. */
const PLANNING_MM = { along: 2, across: 12 } as const

/** As `matGrid`, for planning. */
export const matPlanningGrid = (throatMm: number): GridSize => ({
  xMm: PLANNING_MM.along,
  yMm: throatMm / Math.max(1, Math.round(throatMm / PLANNING_MM.across)),
})

/** The grid for pressing into mats: as for cutting along the feed, and as many equal rows as fill the throat. Notes on pressing into mats. */
export const matGrid = (throatMm: number): GridSize => ({
  xMm: GRID_X_MM,
  yMm: throatMm / Math.max(1, Math.round(throatMm / GRID_Y_MM)),
})
