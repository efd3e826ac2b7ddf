import type { HeightMap } from '../press/nip/contact-cells.js'
import type { Spot } from './scene.js'
import { FADES_AT } from './constants.js'

/** A pit of a depth in mm around a spot. */
export const pitAt =
  ({ xMm, yMm, radiusMm }: Spot, mm: number): HeightMap =>
  (x, y) => {
    const away = Math.hypot(x - xMm, y - yMm) / radiusMm
    return away < 1 ? -mm : away < FADES_AT ? (-mm * (FADES_AT - away)) / (FADES_AT - 1) : 0
  }
