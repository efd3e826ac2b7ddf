import { type BorderWanted, canGoOn } from './joins.js'

/** Pitches of rounding that count as none. */
const HAIR = 1e-9

/** Pitches further than which nobody looks for a length: no overlaps allowed leave so wide a hole. */
const MOST_PITCHES = 100_000

/**
 * Strip lengths, mm, whose border meets both margins exactly with the overlaps allowed, the first cut at the start's margin: the nearest below
 * or equal to the strip's own, and the nearest above. Without the first where the strip is shorter than one cut with its margins; with none
 * above where the overlaps allow one cut only. Call `borderFaults` first, for all but the strip's own length.
 */
export const exactLengths = (wanted: BorderWanted): readonly number[] => {
  const { dieLengthMm, pitchMm, stripLengthMm, marginStartMm, marginEndMm } = wanted
  const oneCutMm = marginStartMm + dieLengthMm + marginEndMm
  const lengthOf = (pitches: number): number => Math.round((oneCutMm + pitches * pitchMm) * 1e6) / 1e6
  const own = Math.floor((stripLengthMm - oneCutMm) / pitchMm + HAIR)
  let below = own
  while (below > 0 && !canGoOn(wanted, below)) below--
  let above = Math.max(0, own + 1)
  while (above - own < MOST_PITCHES && !canGoOn(wanted, above)) above++
  return [...(below >= 0 ? [lengthOf(below)] : []), ...(canGoOn(wanted, above) ? [lengthOf(above)] : [])]
}
