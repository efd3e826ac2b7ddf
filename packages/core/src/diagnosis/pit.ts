import type { HeightMap } from '../press/nip/contact-cells.js'
import type { Spot } from './scene.js'

/** mm. How much lower it is in a spot. From memory. */
export const SPOT_DEPTHS_MM = [0.2, 0.45] as const

/** Beyond its radius a pit fades out to so many radii. From memory. */
const FADES_AT = 1.25

/** A pit of a depth in mm around a spot. */
export const pitAt =
  ({ xMm, yMm, radiusMm }: Spot, mm: number): HeightMap =>
  (x, y) => {
    const away = Math.hypot(x - xMm, y - yMm) / radiusMm
    return away < 1 ? -mm : away < FADES_AT ? (-mm * (FADES_AT - away)) / (FADES_AT - 1) : 0
  }
