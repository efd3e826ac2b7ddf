import type { HeightMap } from './nip/contact-cells.js'

/** Which share of the throat, from its middle to either side, a low middle reaches. From memory. */
const HALF_WIDTH = 0.22

/** mm. The deepest that anyone may note: more is a press to be mended. From memory. */
export const LOWEST_MIDDLE_MM = 1

/**
 * Heights, in mm, where rollers bow more than they should or a platform is worn hollow: a parabola across the throat, `mm` low in its
 * middle and level from HALF_WIDTH of the throat on.
 */
export const lowMiddleHeights =
  (throatMm: number, mm: number): HeightMap =>
  (_x, y) => {
    const off = (y - throatMm / 2) / (HALF_WIDTH * throatMm)
    return -mm * Math.max(0, 1 - off * off)
  }
