/** How far into a repeat of a pattern a place lies, mm: 0 … less than one pitch; a whole pitch but for rounding is none. */
export const withinPitch = (placeMm: number, pitchMm: number): number => {
  const restMm = ((placeMm % pitchMm) + pitchMm) % pitchMm
  return pitchMm - restMm < 1e-9 ? 0 : restMm
}

/** How a ribbon with a pattern on both edges goes: crest to crest, or crest to hollow. */
export const edgePhases = ['matched', 'opposed'] as const
export type EdgePhase = (typeof edgePhases)[number]

export interface SecondEdge {
  /** How much later than the first margin the first cut of the second edge starts, measured from the end that is turned to the front, mm: 0 … one pitch. */
  readonly shiftMm: number
}

/**
 * Where the second edge of a ribbon starts, which is cut with the strip turned end for end. A crest of the pattern lies `crestMm` after the
 * die's start; the first edge's cuts start at `startMm` of a strip of `stripLengthMm`. Crests lie at x₁ + c + kp on the first edge and at
 * L − x₂ − c − kp on the second; they meet where x₂ ≡ L − x₁ − 2c (mod p), and lie half a pitch apart where they are to be opposed.
 */
export const secondEdge = (
  strip: {
    readonly stripLengthMm: number
    readonly startMm: number
    readonly pitchMm: number
    readonly crestMm: number
  },
  phase: EdgePhase,
): SecondEdge => {
  const { stripLengthMm, startMm, pitchMm, crestMm } = strip
  const start = stripLengthMm - startMm - 2 * crestMm + (phase === 'opposed' ? pitchMm / 2 : 0)
  return { shiftMm: withinPitch(start - startMm, pitchMm) }
}

/** A frame of four borders, mitred at its corners, mm. */
export interface FrameCorners {
  /** How far the two patterns that meet at a corner are out of step, mm: 0 … a quarter of a pitch. */
  readonly outOfStepMm: number
  /** What lies in the middle of each side: a crest, or a hollow. */
  readonly longMiddle: 'crest'
  readonly shortMiddle: 'crest' | 'hollow'
  /** The nearest length of the short side with which all four corners meet alike, the long side as it is. */
  readonly shortThatMeetsMm: number
}

/**
 * Corners of a frame meet alike where each border is symmetric about its middle and the phases at the ends agree: half the difference of the
 * sides is a whole number of pitches (crest in both middles), or a half more (crest in one, hollow in the other).
 */
export const frameCorners = (longMm: number, shortMm: number, pitchMm: number): FrameCorners => {
  const halves = (longMm - shortMm) / pitchMm
  const nearest = Math.round(halves)
  return {
    outOfStepMm: (Math.abs(halves - nearest) * pitchMm) / 2,
    longMiddle: 'crest',
    shortMiddle: nearest % 2 === 0 ? 'crest' : 'hollow',
    shortThatMeetsMm: longMm - nearest * pitchMm,
  }
}
