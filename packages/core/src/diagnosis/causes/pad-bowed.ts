import { type Cause, lowered } from '../cause.js'

/** mm. How much it gives at the very end; and from which share of the die on. From memory. */
const DEPTHS_MM = [0.2, 0.4] as const
const LIFTS_FROM = 0.55

/** The pad is bowed and one of its ends or sides lifts: it gives way there until it lies flat. */
export const padBowed = {
  id: 'pad-bowed',
  goals: ['clean-cut'],
  prior: 1.2,
  lasts: 'pad',
  degrees: ({ box }) => {
    const along = (x: number): number => (x - box.fromX) / Math.max(1, box.toX - box.fromX)
    const across = (y: number): number => (y - box.fromY) / Math.max(1, box.toY - box.fromY)
    const lift = (share: number): number => Math.max(0, (share - LIFTS_FROM) / (1 - LIFTS_FROM))
    return DEPTHS_MM.flatMap((mm) => [
      lowered(1 / 8, mm, (x) => -mm * lift(along(x))),
      lowered(1 / 8, mm, (x) => -mm * lift(1 - along(x))),
      lowered(1 / 8, mm, (_x, y) => -mm * lift(across(y))),
      lowered(1 / 8, mm, (_x, y) => -mm * lift(1 - across(y))),
    ])
  },
  answers: { 'pad-lifts': 0.88 },
  remedy: { minutes: 2, cures: 0.85, freshSheets: true },
} as const satisfies Cause
