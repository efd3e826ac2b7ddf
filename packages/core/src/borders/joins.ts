import type { Fault } from '../faults/fault.js'
import { LEAST_OVERLAP_PITCHES, MOST_OVERLAP_PITCHES, USUAL_OVERLAP_PITCHES, LEAST_PITCH_MM } from './constants.js'

/** A border cut into a strip with a die that is shorter than it. All lengths in mm along the strip. */
export interface BorderWanted {
  readonly dieLengthMm: number
  /** The distance at which the die's pattern repeats; the die need not be a whole number of them. */
  readonly pitchMm: number
  readonly stripLengthMm: number
  /** What stays uncut at the ends. */
  readonly marginStartMm: number
  readonly marginEndMm: number
  /** Whether a margin above 0 is a promise that no cut enters it, or what is about wanted; a promise where left out. */
  readonly margins?: BorderMargins | undefined
  /** How far a cut may lie in the one before; one pitch and four where left out. Common practice, no source: about two are usual. */
  readonly leastOverlapMm?: number | undefined
  readonly mostOverlapMm?: number | undefined
  /** How far the first cut may be moved along the strip, as its start is trimmed anyway; not at all where left out. */
  readonly mayMoveStartMm?: number | undefined
  /** Share of its length by which a pass lengthens what it presses. */
  readonly stretch: number
  /** Which end of the strip goes into the rollers first: the one that is cut already, or the free one. */
  readonly feed: BorderFeed
}

export const borderMargins = ['hard', 'about'] as const
export type BorderMargins = (typeof borderMargins)[number]

export const borderFeeds = ['joined-end', 'free-end'] as const
export type BorderFeed = (typeof borderFeeds)[number]

/** One cut: where the die starts on the unpressed strip, and how many pitches after the cut before; 0 for the first. */
export interface BorderCut {
  readonly atMm: number
  readonly shiftPitches: number
}

export interface Border {
  readonly cuts: readonly BorderCut[]
  /** The last cut's end less the wanted end: what is over is trimmed, what is short stays uncut. */
  readonly endMissMm: number
  /** How far each join is going to be out, by the stretch of what was pressed since the one before. */
  readonly misfitMm: readonly number[]
  /** How much longer the strip gets. */
  readonly lengthensMm: number
}

/** Cuts that anybody would lay one after the other. */
const MOST_CUTS = 1000
/** A hair, mm and pitches: what is whole but for rounding counts as whole. */
const HAIR = 1e-9

type BorderFaultCode =
  | 'pitch-too-short'
  | 'pitch-longer-than-die'
  | 'overlaps-crossed'
  | 'overlap-fits-no-pitch'
  | 'margins-longer-than-strip'
  | 'die-enters-margin'
  | 'too-many-cuts'
export type BorderFault = Fault<BorderFaultCode>

/** The fewest and most whole pitches from one cut to the next. */
interface Shifts {
  readonly least: number
  readonly most: number
}

const overlapsOf = ({ pitchMm, leastOverlapMm, mostOverlapMm }: BorderWanted) => ({
  leastMm: leastOverlapMm ?? LEAST_OVERLAP_PITCHES * pitchMm,
  mostMm: mostOverlapMm ?? MOST_OVERLAP_PITCHES * pitchMm,
})

const shiftsOf = (wanted: BorderWanted): Shifts => {
  const { leastMm, mostMm } = overlapsOf(wanted)
  const { dieLengthMm, pitchMm } = wanted
  return {
    least: Math.max(1, Math.ceil((dieLengthMm - mostMm) / pitchMm - HAIR)),
    most: Math.floor((dieLengthMm - leastMm) / pitchMm + HAIR),
  }
}

/** Whether some joins with the overlaps allowed go on by so many whole pitches altogether; no pitch is one cut. */
export const canGoOn = (wanted: BorderWanted, pitches: number): boolean => {
  const { least, most } = shiftsOf(wanted)
  return pitches === 0 || (most >= least && Math.ceil(pitches / most - HAIR) * least <= pitches)
}

/** What is wanted between the margins, mm. */
const wantedEndMm = ({ stripLengthMm, marginEndMm }: BorderWanted): number => stripLengthMm - marginEndMm

/** What cannot be cut so, by field. */
export const borderFaults = (wanted: BorderWanted): BorderFault[] => {
  const { dieLengthMm, pitchMm, stripLengthMm, marginStartMm, marginEndMm } = wanted
  const { leastMm, mostMm } = overlapsOf(wanted)
  const found: BorderFault[] = []
  if (!(pitchMm >= LEAST_PITCH_MM))
    found.push({ code: 'pitch-too-short', path: 'pitchMm', value: pitchMm, limit: LEAST_PITCH_MM })
  if (pitchMm > dieLengthMm)
    found.push({ code: 'pitch-longer-than-die', path: 'pitchMm', value: pitchMm, limit: dieLengthMm })
  if (mostMm < leastMm) found.push({ code: 'overlaps-crossed', path: 'mostOverlapMm', value: mostMm, limit: leastMm })
  if (marginStartMm + marginEndMm >= stripLengthMm) {
    // One that leaves nothing by itself is at fault, whatever the other is.
    const [path, value, other] =
      marginStartMm >= stripLengthMm
        ? (['marginStartMm', marginStartMm, marginEndMm] as const)
        : (['marginEndMm', marginEndMm, marginStartMm] as const)
    found.push({ code: 'margins-longer-than-strip', path, value, limit: Math.max(0, stripLengthMm - other) })
  }
  if (found.length > 0) return found
  if (isOneCut(wanted)) return keepsMargins(bestChoice(wanted), wanted) ? [] : [entersMargin(wanted)]
  const { least, most } = shiftsOf(wanted)
  if (most < least)
    found.push({ code: 'overlap-fits-no-pitch', path: 'leastOverlapMm', value: leastMm, limit: dieLengthMm - pitchMm })
  else {
    const pitches = (wantedEndMm(wanted) - marginStartMm - dieLengthMm) / pitchMm
    if (Math.ceil(pitches / most - HAIR) + 1 > MOST_CUTS)
      found.push({ code: 'too-many-cuts', path: 'stripLengthMm', value: stripLengthMm, limit: MOST_CUTS })
  }
  return found
}

/** Whether a last cut that misses the wanted end by so much, mm, stays out of a margin that is a promise. */
export const keepsMargins = ({ missMm }: Pick<Choice, 'missMm'>, { margins, marginEndMm }: BorderWanted): boolean =>
  margins === 'about' || marginEndMm === 0 || missMm <= HAIR

/** One cut by itself is longer than what lies between the margins: at fault is the strip, which may at least be so long. */
const entersMargin = ({ stripLengthMm, dieLengthMm, marginStartMm, marginEndMm }: BorderWanted): BorderFault => ({
  code: 'die-enters-margin',
  path: 'stripLengthMm',
  value: stripLengthMm,
  limit: marginStartMm + dieLengthMm + marginEndMm,
})

/** How far the first cut may be moved back and on, mm: never into a margin that is a promise. */
const movesOf = ({ margins, marginStartMm, mayMoveStartMm = 0 }: BorderWanted): readonly [number, number] => [
  margins === 'about' || marginStartMm === 0 ? -mayMoveStartMm : 0,
  mayMoveStartMm,
]

const isOneCut = (wanted: BorderWanted): boolean =>
  wanted.dieLengthMm >= wantedEndMm(wanted) - wanted.marginStartMm - HAIR

/** How many pitches are gone on altogether in so many joins, with how far the end is then off and the first cut moved. */
interface Choice {
  readonly joins: number
  readonly pitches: number
  readonly movedMm: number
  readonly missMm: number
}

/** Pitches by join, as even as whole numbers can be. */
const spreadEvenly = ({ joins, pitches }: Choice): number[] =>
  Array.from(
    { length: joins },
    (_, at) => Math.floor(((at + 1) * pitches) / joins) - Math.floor((at * pitches) / joins),
  )

/** How far the overlaps are from the usual, in pitches squared. */
const unusual = (choice: Choice, { dieLengthMm, pitchMm }: BorderWanted): number =>
  spreadEvenly(choice).reduce((sum, shift) => sum + (dieLengthMm / pitchMm - shift - USUAL_OVERLAP_PITCHES) ** 2, 0)

/** Negative where one is to be preferred: the end that is nearer, then fewer cuts, then overlaps that are more usual, then a start that is moved less. */
const compared = (one: Choice, other: Choice, wanted: BorderWanted): number => {
  const nearer = Math.abs(one.missMm) - Math.abs(other.missMm)
  if (Math.abs(nearer) > 1e-7) return nearer
  if (one.joins !== other.joins) return one.joins - other.joins
  const moreUsual = unusual(one, wanted) - unusual(other, wanted)
  if (Math.abs(moreUsual) > HAIR) return moreUsual
  return Math.abs(one.movedMm) - Math.abs(other.movedMm)
}

const bestChoice = (wanted: BorderWanted): Choice => {
  const { dieLengthMm, pitchMm, marginStartMm } = wanted
  const [backMm, onMm] = movesOf(wanted)
  const needMm = wantedEndMm(wanted) - marginStartMm - dieLengthMm
  const choiceOf = (joins: number, pitches: number): Choice => {
    const missMm = pitches * pitchMm - needMm
    const movedMm = Math.min(onMm, Math.max(backMm, -missMm))
    return { joins, pitches, movedMm: movedMm + 0, missMm: missMm + movedMm }
  }
  if (isOneCut(wanted)) {
    // What a single cut has over is trimmed, or lies before the strip's start where the margin at its end is kept.
    const asItLies: Choice = { joins: 0, pitches: 0, movedMm: 0, missMm: -needMm }
    return keepsMargins(asItLies, wanted) ? asItLies : choiceOf(0, 0)
  }
  let best = choiceOf(0, 0)
  const { least, most } = shiftsOf(wanted)
  const target = needMm / pitchMm
  for (let joins = 1; joins < MOST_CUTS; joins++) {
    for (const near of [Math.floor(target), Math.ceil(target)]) {
      const choice = choiceOf(joins, Math.min(joins * most, Math.max(joins * least, near)))
      if (keepsMargins(choice, wanted) && compared(choice, best, wanted) < 0) best = choice
    }
    // From here on every further join only overshoots by more.
    if (joins * least > target + 1) break
  }
  return best
}

/**
 * A border of the wanted length from a die that is shorter: every cut lies whole pitches after the one before, so that its start falls
 * into the old kerf, and the last ends as near to the end as whole pitches can, but never in a margin that is a promise. Where the die is long
 * enough, one cut does it. Call `borderFaults` first: what it names has no answer.
 *
 * Fed joined end first the join stays true and the strip grows at its free end; fed free end first the join is out by the stretch of what
 * was fed in between. Common practice, no source.
 */
export const planBorder = (wanted: BorderWanted): Border => {
  const { pitchMm, marginStartMm, stretch, feed } = wanted
  const choice = bestChoice(wanted)
  const cuts: BorderCut[] = [{ atMm: marginStartMm + choice.movedMm, shiftPitches: 0 }]
  let gone = 0
  for (const shiftPitches of spreadEvenly(choice)) {
    gone += shiftPitches
    cuts.push({ atMm: marginStartMm + choice.movedMm + gone * pitchMm, shiftPitches })
  }
  const stretched = cuts.slice(1).map(({ shiftPitches }) => stretch * shiftPitches * pitchMm)
  const joinedFirst = feed === 'joined-end'
  return {
    cuts,
    endMissMm: choice.missMm,
    misfitMm: stretched.map((mm) => (joinedFirst ? 0 : mm)),
    lengthensMm: joinedFirst ? stretched.reduce((sum, mm) => sum + mm, 0) : 0,
  }
}
