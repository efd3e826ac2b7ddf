import { plateIdOf } from '../layers/leaves.js'
import type { Plate } from '../layers/plate.js'

/** Pieces of one shelf entry in a stack, or on average in several, and how unsure one is, one standard deviation, mm. */
interface Pieces {
  readonly count: number
  readonly spreadMm: number
}
/** Pieces by the id of their plate. */
export type PiecesById = Readonly<Record<string, Pieces>>

/** The pieces of plates, each named once for every piece. */
export const piecesOf = (plates: readonly { readonly id: string; readonly spreadMm: number }[]): PiecesById => {
  const found: Record<string, Pieces> = {}
  for (const { id: setId, spreadMm } of plates) {
    const id = plateIdOf(setId)
    found[id] = { count: (found[id]?.count ?? 0) + 1, spreadMm }
  }
  return found
}

/** The same of plates as they stand on the shelf. */
export const piecesOfPlates = (plates: readonly Pick<Plate, 'id' | 'thickness'>[]): PiecesById =>
  piecesOf(plates.map(({ id, thickness: { spreadMm } }) => ({ id, spreadMm })))

/** Pieces on average over stacks, each counted once unless told otherwise; none where there are no stacks. */
export const averagePieces = (
  stacks: readonly { readonly pieces: PiecesById; readonly times?: number }[],
): PiecesById => {
  const all = stacks.reduce((sum, { times = 1 }) => sum + times, 0)
  const found: Record<string, Pieces> = {}
  for (const { pieces, times = 1 } of stacks)
    for (const [id, { count, spreadMm }] of Object.entries(pieces))
      found[id] = { count: (found[id]?.count ?? 0) + (count * times) / all, spreadMm }
  return found
}

/**
 * How unsure the difference in height of two stacks is, one standard deviation, mm: the same plate in both errs alike, so that only what they
 * do not have in common counts.
 */
export const differenceSpreadMm = (one: PiecesById, other: PiecesById): number => {
  let variance = 0
  for (const [id, { count, spreadMm }] of Object.entries(one))
    variance += ((count - (other[id]?.count ?? 0)) * spreadMm) ** 2
  for (const [id, { count, spreadMm }] of Object.entries(other)) if (!(id in one)) variance += (count * spreadMm) ** 2
  return Math.sqrt(variance)
}

/** How unsure the height of a stack is by its plates, one standard deviation, mm. */
export const heightSpreadMm = (pieces: PiecesById): number => differenceSpreadMm(pieces, {})
