import type { HeightMap } from './nip/contact-cells.js'
import { LOW_MIDDLE_HALF_WIDTH } from './constants.js'

/**
 * Heights, in mm, where rollers bow more than they should or a platform is worn hollow: a parabola across the throat, `mm` low in its
 * middle and level from HALF_WIDTH of the throat on.
 */
export const lowMiddleHeights =
  (throatMm: number, mm: number): HeightMap =>
  (_x, y) => {
    const off = (y - throatMm / 2) / (LOW_MIDDLE_HALF_WIDTH * throatMm)
    return -mm * Math.max(0, 1 - off * off)
  }
