import type { DiePose } from '../placement/place-die.js'
import type { HeightMap } from '../press/nip/contact-cells.js'

/** How the dies lie for a simulation: turned by so many degrees, or posed one by one. */
export interface Laying {
  readonly rotationDeg: number
  readonly poses?: readonly DiePose[]
  /** Local heights, such as a centre shim, mm. */
  readonly heights?: HeightMap | undefined
}

export const PLAIN_LAYING: Laying = { rotationDeg: 0 }
