import type { DiePose } from '../placement/place-die.js'
import { lowMiddleHeights } from '../press/low-middle.js'
import type { HeightMap } from '../press/nip/contact-cells.js'
import type { Press } from '../press/press.js'

/** How the dies lie for a simulation: turned by so many degrees, or posed one by one. */
export interface Laying {
  readonly rotationDeg: number
  readonly poses?: readonly DiePose[]
  /** Local heights, such as a centre shim, mm. */
  readonly heights?: HeightMap | undefined
}

export const PLAIN_LAYING: Laying = { rotationDeg: 0 }

/** Local heights on a press, mm: what is laid there, and how low its middle is where that was noted. */
export const heightsOn = (
  { throatMm, lowMiddleMm }: Pick<Press, 'throatMm' | 'lowMiddleMm'>,
  { heights }: Pick<Laying, 'heights'>,
): HeightMap | undefined => {
  if (!lowMiddleMm) return heights
  const low = lowMiddleHeights(throatMm, lowMiddleMm)
  return heights ? (x, y) => heights(x, y) + low(x, y) : low
}
