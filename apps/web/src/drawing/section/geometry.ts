import { type Stack, thicknessOf } from '@bold-heron/core'

/** One layer as a band of the section; heights in mm from the lower roller's crown. */
export interface Band {
  readonly fromMm: number
  readonly toMm: number
}

/** mm. How far a layer on its way into the stack is drawn above its place. */
const LIFT_MM = 3

/** The bands of a stack, bottom to top; a layer that is `lifted` out, and what lies above it, stand higher by so much. */
export const bandsOf = (stack: Stack, lifted?: number): Band[] => {
  let at = 0
  return stack.map((layer, index) => {
    if (index === lifted || (lifted !== undefined && index === lifted + 1)) at += LIFT_MM
    const fromMm = at
    at += thicknessOf(layer).valueMm
    return { fromMm, toMm: at }
  })
}

/**
 * Half the chord, in mm, that a roller of this radius cuts off a stack which stands `squeezeMm` into it; 0 where they do not
 * touch. Pythagoras on the roller's circle.
 */
export const halfChordMm = (rollerRadiusMm: number, squeezeMm: number): number =>
  squeezeMm <= 0 ? 0 : Math.sqrt(Math.max(0, 2 * rollerRadiusMm * squeezeMm - squeezeMm ** 2))

/**
 * Spreads wanted places so that neighbours are at least `apart` from each other and none leaves `from`…`to`, moving each as
 * little as a sweep down and a sweep up need. Places must come in ascending order.
 */
export const spreadOut = (wanted: readonly number[], apart: number, from: number, to: number): number[] => {
  const placed: number[] = []
  wanted.forEach((place, at) => {
    placed.push(Math.max(place, at === 0 ? from : (placed[at - 1] as number) + apart))
  })
  for (let at = placed.length - 1, limit = to; at >= 0; at--, limit -= apart)
    placed[at] = Math.min(placed[at] as number, limit)
  return placed
}
