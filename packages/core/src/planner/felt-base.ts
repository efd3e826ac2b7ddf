import type { Plate } from '../layers/plate.js'
import { heightSpreadMm, piecesOfPlates } from '../learning/pieces.js'

/** mm. So far below where the gap is expected the plates should end, so that paper can make up for what is not known. */
const BELOW_MM = 0.8
/** What gives under the rollers tells nothing of the gap. */
const FIRM: ReadonlySet<Plate['kind']> = new Set<Plate['kind']>(['cutting-pad', 'hard-plate', 'spacer'])
/** Plates that are led in together at most, the platform included. */
const MOST_PLATES = 4

/** Plates that may be led between bare rollers together, and how high they are, mm. */
export interface FirmStack {
  readonly plates: readonly Plate[]
  readonly heightMm: number
}

/** Every stack of firm plates that a shelf can build: a platform, and pads, spacers or mats on it. */
export const firmStacks = (shelf: readonly Plate[]): FirmStack[] => {
  const fills = shelf.filter(({ kind }) => FIRM.has(kind))
  const found: FirmStack[] = []
  const build = (plates: readonly Plate[], heightMm: number, from: number): void => {
    found.push({ plates, heightMm })
    if (plates.length === MOST_PLATES) return
    for (let at = from; at < fills.length; at++) {
      const plate = fills[at] as Plate
      if (plates.filter(({ id }) => id === plate.id).length < plate.count)
        build([...plates, plate], heightMm + plate.thickness.valueMm, at)
    }
  }
  for (const platform of shelf.filter(({ kind }) => kind === 'platform'))
    build([platform], platform.thickness.valueMm, 0)
  return found
}

/**
 * Of some stacks the one to feel a gap out on with paper: ending about 0.8 mm below where it is expected and never above `mostMm`, with the
 * least doubt. Undefined where none will do.
 */
export const feltBase = (
  stacks: readonly FirmStack[],
  expectedMm: number,
  mostMm: number,
): readonly Plate[] | undefined => {
  let best: { readonly plates: readonly Plate[]; readonly cost: number } | undefined
  for (const { plates, heightMm } of stacks) {
    if (heightMm > mostMm) continue
    const cost =
      Math.abs(expectedMm - heightMm - BELOW_MM) + 4 * heightSpreadMm(piecesOfPlates(plates)) + 0.02 * plates.length
    if (!best || cost < best.cost) best = { plates, cost }
  }
  return best?.plates
}
