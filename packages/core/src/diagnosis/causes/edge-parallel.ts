import type { Cause } from '../cause.js'
import { asMeant } from '../variation.js'

/** mm. So long is a long edge; and times as hard goes the handle as it should. From memory. */
const LONG_MM = 20
const EFFORTS = [1.3, 1.7] as const

/** A long straight edge lies parallel to the rollers and meets them all at once: the hardest moment. */
export const edgeParallel = {
  id: 'edge-parallel',
  goals: ['clean-cut'],
  prior: 1,
  degrees: ({ lines }) => {
    let acrossMm = 0
    for (const line of lines)
      for (let at = 2; at + 1 < line.length; at += 2) {
        const dx = Math.abs((line[at] as number) - (line[at - 2] as number))
        const dy = Math.abs((line[at + 1] as number) - (line[at - 1] as number))
        if (dy >= LONG_MM && dx < 0.1 * dy) acrossMm = Math.max(acrossMm, dy)
      }
    return acrossMm > 0
      ? EFFORTS.map((effort) => ({ share: 1 / EFFORTS.length, variation: { ...asMeant, effort } }))
      : []
  },
  answers: { 'hardest-at-edge': 0.9 },
  remedy: { minutes: 1, cures: 0.9, freshSheets: true },
} as const satisfies Cause
