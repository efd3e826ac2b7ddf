import { closed, type Lines } from './draw.js'

/** Stencil letters 32 mm tall, of straight strokes, as they are read: x to the right, y down. */
export const letterK = (): Lines => [
  closed([
    [0, 0],
    [7, 0],
    [7, 12],
    [16, 0],
    [25, 0],
    [13, 15.5],
    [26, 32],
    [17, 32],
    [7, 19],
    [7, 32],
    [0, 32],
  ]),
]
export const letterI = (): Lines => [
  closed([
    [0, 0],
    [8, 0],
    [8, 32],
    [0, 32],
  ]),
]
export const letterT = (): Lines => [
  closed([
    [0, 0],
    [24, 0],
    [24, 7],
    [16, 7],
    [16, 32],
    [8, 32],
    [8, 7],
    [0, 7],
  ]),
]
export const letterE = (): Lines => [
  closed([
    [0, 0],
    [20, 0],
    [20, 7],
    [7.5, 7],
    [7.5, 12.5],
    [17, 12.5],
    [17, 19.5],
    [7.5, 19.5],
    [7.5, 25],
    [20, 25],
    [20, 32],
    [0, 32],
  ]),
]
