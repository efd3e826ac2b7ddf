import { type EdgePhase, secondEdge } from './edges.js'
import { type Border, type BorderFault, borderFaults, type BorderWanted, keepsMargins, planBorder } from './joins.js'

/** A border along one edge of a strip, or along both. */
export interface RibbonWanted extends BorderWanted {
  readonly edges: 'one' | 'both'
  readonly phase: EdgePhase
  /** How much later than its margin the first edge starts, so that it is in phase with what lies along the middle, mm: 0 … one pitch. */
  readonly startShiftMm?: number | undefined
  /** How the edges are to stand to what lies along the middle. */
  readonly toMiddle?: EdgePhase | undefined
}

/** The border of the first edge where its phase has it start: later, or, where nothing stays uncut, with the die hanging over the strip's start. */
const asShifted = (wanted: RibbonWanted): RibbonWanted => {
  const { startShiftMm = 0, marginStartMm, pitchMm } = wanted
  if (startShiftMm === 0) return wanted
  return {
    ...wanted,
    marginStartMm: marginStartMm > 0 ? marginStartMm + startShiftMm : startShiftMm - pitchMm,
    mayMoveStartMm: 0,
  }
}

/** One edge of a ribbon: how it is joined, and how far its first cut is shifted so that it is in phase with the other. */
export interface RibbonEdge extends Border {
  readonly shiftMm: number
}

/**
 * The edges of a ribbon in the order they are cut. The second is cut with the strip turned end for end, its places measured from the end
 * that is then in front. `crestMm`: where the pattern's crest lies after the die's start.
 */
export const planRibbon = (wanted: RibbonWanted, crestMm: number): readonly RibbonEdge[] => {
  const first = { ...planBorder(asShifted(wanted)), shiftMm: wanted.startShiftMm ?? 0 }
  if (wanted.edges === 'one') return [first]
  const turned = { ...wanted, marginStartMm: wanted.marginEndMm, marginEndMm: wanted.marginStartMm }
  const { shiftMm } = secondEdge(
    {
      stripLengthMm: wanted.stripLengthMm,
      startMm: first.cuts[0]?.atMm ?? wanted.marginStartMm,
      pitchMm: wanted.pitchMm,
      crestMm,
    },
    wanted.phase,
  )
  // It starts at its own margin, or so much later that the crests meet; with no margin the die may hang over the strip's start instead.
  const aligned = (first.cuts[0]?.atMm ?? 0) + shiftMm
  const pitches = (turned.marginStartMm - aligned) / wanted.pitchMm
  const whole = turned.marginStartMm > 0 ? Math.ceil(pitches - 1e-9) : Math.floor(pitches + 1e-9)
  const marginStartMm = aligned + whole * wanted.pitchMm
  const second = planBorder({ ...turned, marginStartMm, mayMoveStartMm: 0 })
  return [first, { ...second, shiftMm: marginStartMm - turned.marginStartMm }]
}

/** What cannot be cut so, by field: of the border itself, and where the phase shifts the second edge's only cut into a margin that is a promise. */
export const ribbonFaults = (wanted: RibbonWanted, crestMm: number): readonly BorderFault[] => {
  const asMeasured = borderFaults(wanted)
  const found = asMeasured.length > 0 ? asMeasured : borderFaults(asShifted(wanted))
  if (found.length > 0 || wanted.edges === 'one') return found
  const missMm = planRibbon(wanted, crestMm)[1]?.endMissMm ?? 0
  // Its end is the strip's start.
  return keepsMargins({ missMm }, { ...wanted, marginEndMm: wanted.marginStartMm })
    ? []
    : [
        {
          code: 'die-enters-margin',
          path: 'stripLengthMm',
          value: wanted.stripLengthMm,
          limit: wanted.stripLengthMm + missMm,
        },
      ]
}
