import type { Box } from './box.js'

/** An upright rectangle as a closed polyline. */
export const rectangle = ({ fromX, fromY, toX, toY }: Box): number[] => [
  fromX,
  fromY,
  toX,
  fromY,
  toX,
  toY,
  fromX,
  toY,
  fromX,
  fromY,
]
