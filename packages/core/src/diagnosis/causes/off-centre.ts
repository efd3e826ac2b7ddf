import { type Cause, lowered } from '../cause.js'

/** mm. How far it reaches over the edge, and by how much there is less under it there. From memory. */
const REACHES_MM = [7, 18] as const
const DROP_MM = 0.8

/** The die lies off the middle, and one of its sides over the edge of a pad or a plate. */
export const offCentre = {
  id: 'off-centre',
  goals: ['clean-cut'],
  prior: 1,
  degrees: ({ box }) =>
    REACHES_MM.flatMap((reachMm) => [
      lowered(1 / (2 * REACHES_MM.length), reachMm, (_x, y) => (y < box.fromY + reachMm ? -DROP_MM : 0)),
      lowered(1 / (2 * REACHES_MM.length), reachMm, (_x, y) => (y > box.toY - reachMm ? -DROP_MM : 0)),
    ]),
  answers: { 'over-an-edge': 0.85 },
  remedy: { minutes: 1, cures: 0.95, freshSheets: true },
} as const satisfies Cause
