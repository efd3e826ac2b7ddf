import { errorSourceOf, thicknessOf } from '../layers/layer.js'
import type { Stack } from '../layers/stack.js'
import { chanceBetween } from '../numerics/normal.js'
import { REPEAT_SPREAD_MM } from '../learning/repeat-spread.js'
import type { SqueezeWindow } from '../learning/squeeze-window.js'

/** How sure a squeeze is, and which thickness is most of the doubt. */
export interface Certainty {
  /** One standard deviation of the squeeze against its window, mm, the gap's doubt included: for telling. */
  readonly spreadMm: number
  /** The same beside the gap, whose doubt chances count apart, mm. */
  readonly doubtMm: number
  /** Chance that the true squeeze lies in the window, 0…1, by all that is believed of the gap; the layers' errors taken as normal. */
  readonly chance: number
  /** The index of the layer whose thickness adds most to the doubt and its share of the whole variance, 0…1. */
  readonly worstLayer: { readonly index: number; readonly share: number } | undefined
}

interface DoubtPart {
  readonly variance: number
  /** Index of the layer it comes from; undefined where only the gap's own stacks hold the piece. */
  readonly index: number | undefined
}

/**
 * Variances in mm² of squeeze − wanted squeeze, by error source. Pieces that also stand in the gap's own stacks cancel there;
 * the sheets' thickness raises the squeeze and the wanted squeeze alike and drops out.
 */
const doubtParts = (stack: Stack, window: SqueezeWindow): DoubtPart[] => {
  const sources = new Map<string, { count: number; spreadMm: number; index: number; inGap: number }>()
  stack.forEach((layer, index) => {
    if (layer.is === 'sheets') return
    const source = errorSourceOf(layer)
    const entry = sources.get(source)
    const inGap = layer.is === 'plate' ? (window.pieces[layer.plate.id]?.count ?? 0) : 0
    if (entry) entry.count++
    else sources.set(source, { count: 1, spreadMm: thicknessOf(layer).spreadMm, index, inGap })
  })
  const parts = [...sources.values()].map(({ count, spreadMm, index, inGap }): DoubtPart => {
    return { variance: ((count - inGap) * spreadMm) ** 2, index }
  })
  const inStack = new Set(stack.flatMap((layer) => (layer.is === 'plate' ? [layer.plate.id] : [])))
  for (const [id, { count, spreadMm }] of Object.entries(window.pieces))
    if (!inStack.has(id)) parts.push({ variance: (count * spreadMm) ** 2, index: undefined })
  return parts
}

/** Works out how sure a stack's squeeze (mm) is against its window. Linear error propagation for the layers, a sum over the gap's belief. */
export const certaintyOf = (stack: Stack, squeezeMm: number, window: SqueezeWindow): Certainty => {
  const { lowMm, highMm, gapSpreadMm, doubt } = window
  const parts = doubtParts(stack, window)
  const beside = parts.reduce((sum, part) => sum + part.variance, REPEAT_SPREAD_MM ** 2)
  const total = beside + gapSpreadMm ** 2
  const doubtMm = Math.sqrt(beside)
  let worstLayer: Certainty['worstLayer']
  for (const { variance, index } of parts)
    if (index !== undefined && variance > (worstLayer?.share ?? 0) * total)
      worstLayer = { index, share: variance / total }
  const within = doubt.nodes.reduce(
    (sum, { weight, shiftMm, spreadMm }) =>
      sum + weight * chanceBetween(lowMm, highMm, squeezeMm + shiftMm, Math.hypot(doubtMm, spreadMm)),
    0,
  )
  return { spreadMm: Math.sqrt(total), doubtMm, chance: doubt.trust * within, worstLayer }
}
