import type { Plate } from '../layers/plate.js'

/** mm. So far below the gap that is usual for the class the plates should end, so that paper can make up for any press of it. */
const BELOW_MM = 0.8
/** A height that leaves room for less paper than this is no base: the rollers might grip the plates alone. */
const LEAST_BELOW_MM = 0.45
/** What gives under the rollers tells nothing of the gap. */
const FIRM: ReadonlySet<Plate['kind']> = new Set<Plate['kind']>(['cutting-pad', 'hard-plate', 'spacer'])
/** Plates under the paper at most, the platform included. */
const MOST_PLATES = 4

/**
 * The plates to feel a gap out on: a platform, and pads, spacers or mats on it, so that they end about 0.8 mm below the gap that is usual for
 * the class; of those that do, the stack with the least doubt. Empty where nothing on the shelf will do.
 */
export const feltBase = (shelf: readonly Plate[], classGapMm: number): Plate[] => {
  const platforms = shelf.filter(({ kind }) => kind === 'platform')
  const fills = shelf.filter(({ kind }) => FIRM.has(kind))
  let best: { readonly plates: Plate[]; readonly cost: number } | undefined
  const look = (plates: Plate[], from: number): void => {
    const heightMm = plates.reduce((sum, { thickness }) => sum + thickness.valueMm, 0)
    const belowMm = classGapMm - heightMm
    if (belowMm < LEAST_BELOW_MM) return
    // What is one plate twice errs twice; others err apart.
    const byPlate = new Map<string, number>()
    for (const { id, thickness } of plates) byPlate.set(id, (byPlate.get(id) ?? 0) + thickness.spreadMm)
    const cost = Math.abs(belowMm - BELOW_MM) + 4 * Math.hypot(...byPlate.values()) + 0.02 * plates.length
    if (!best || cost < best.cost) best = { plates, cost }
    if (plates.length === MOST_PLATES) return
    for (let at = from; at < fills.length; at++) {
      const plate = fills[at] as Plate
      if (plates.filter(({ id }) => id === plate.id).length < plate.count) look([...plates, plate], at)
    }
  }
  for (const platform of platforms) look([platform], 0)
  return best?.plates ?? []
}
