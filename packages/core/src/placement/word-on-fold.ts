/** Sizes for a word cut on a fold, mm. The letters' feet lie on the crease, so that the word stands when the card is folded. */
export interface WordOnFold {
  /** From the edge on the cut side to the pencil line that the pad's edge is laid on. */
  readonly lineMm: number
  /** From the same edge to the letters' feet, where the card is scored. */
  readonly scoreMm: number
  /** Depth of the whole panel: both halves alike. */
  readonly panelMm: number
  /** Depth of each of the two liners. */
  readonly linerMm: number
}

/** mm. How far letters reach over the line. Common practice, no source: "about 2 mm"; on a ruler in inches 1/16. */
export const USUAL_OVERLAP_MM = 2

/**
 * Works out the panel for a word on a fold from where its line is to be (mm from the edge on the cut side) and how far the letters
 * reach over it: scored at the letters' feet, both halves as deep as line + overlap, liners as deep as the line.
 */
export const wordOnFold = (lineMm: number, overlapMm = USUAL_OVERLAP_MM): WordOnFold => ({
  lineMm,
  scoreMm: lineMm + overlapMm,
  panelMm: 2 * (lineMm + overlapMm),
  linerMm: lineMm,
})
