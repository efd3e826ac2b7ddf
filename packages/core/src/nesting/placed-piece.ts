import type { Pose } from '../geometry/place-lines.js'

/** Where a piece lies: turned about the middle of its unturned box, which is put at x, y. */
export interface PlacedPiece extends Pose {
  readonly piece: number
}
