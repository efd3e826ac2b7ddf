import { boxAround, heightOfBox, widthOf } from '../geometry/box.js'
import { visitCells } from '../geometry/grid.js'
import { isClosed, type Polyline } from '../geometry/polyline.js'
import { ALIKE_FROM, UNLIKE, LEAST_PITCH_FOUND_MM, ENDS_SHARE } from './constants.js'

/** mm. Steps along the die in which its lines are sampled. */
const STEP_MM = 0.1
/** Columns along the die, each as high as any die. */
const ALONG = { cellX: STEP_MM, cellY: 1e6 }
/** Along x: how high the topmost and lowest line lie, and how much line there is. */
const profilesOf = (lines: readonly Polyline[], fromX: number, steps: number): Float64Array[] => {
  const top = new Float64Array(steps).fill(-Infinity)
  const low = new Float64Array(steps).fill(Infinity)
  const much = new Float64Array(steps)
  for (const line of lines) {
    const moved = line.map((value, at) => (at % 2 === 0 ? value - fromX : value))
    visitCells(moved, ALONG, (column, _, length, at, from, to) => {
      if (column < 0 || column >= steps) return
      const [before, after] = [moved[at - 1] as number, moved[at + 1] as number]
      for (const share of [from, to]) {
        const y = before + share * (after - before)
        top[column] = Math.max(top[column] as number, y)
        low[column] = Math.min(low[column] as number, y)
      }
      much[column] = (much[column] as number) + length
    })
  }
  for (const profile of [top, low]) {
    let last = profile.find(Number.isFinite) ?? 0
    for (let at = 0; at < steps; at++) {
      if (!Number.isFinite(profile[at])) profile[at] = last
      last = profile[at] as number
    }
  }
  return [top, low, much]
}

/** How alike a profile is to itself `lag` steps on: the correlation of what lies over one another; undefined where it does not vary. */
const correlationAt = (profile: Float64Array, lag: number): number | undefined => {
  const count = profile.length - lag
  let [a, b, aa, bb, ab] = [0, 0, 0, 0, 0]
  for (let at = 0; at < count; at++) {
    const one = profile[at] as number
    const other = profile[at + lag] as number
    a += one
    b += other
    aa += one * one
    bb += other * other
    ab += one * other
  }
  const varied = Math.sqrt(Math.max(0, aa - (a * a) / count) * Math.max(0, bb - (b * b) / count))
  return varied / count < 1e-4 ? undefined : (ab - (a * b) / count) / varied
}

/** The place of a peak between its neighbours, in steps, by the parabola through three values. */
const peakBetween = (before: number, at: number, after: number): number => {
  const bend = before - 2 * at + after
  return bend >= 0 ? 0 : Math.max(-0.5, Math.min(0.5, (before - after) / (2 * bend)))
}

/**
 * The pitch of a border die, mm: the least distance along its length (x) at which its lines look the same again; undefined where nothing
 * repeats at least twice. By autocorrelation of the upper edge, the lower edge and the density of line; the peak of the most repeats that
 * fit is taken, so that the pitch is as exact as the whole die allows.
 */
export const pitchOf = (lines: readonly Polyline[]): number | undefined => {
  const box = boxAround(lines)
  if (!box) return undefined
  const trimmed = ENDS_SHARE * widthOf(box)
  const steps = Math.floor((widthOf(box) - 2 * trimmed) / STEP_MM)
  if (steps < (2 * LEAST_PITCH_FOUND_MM) / STEP_MM) return undefined
  const profiles = profilesOf(lines, box.fromX + trimmed, Math.ceil(widthOf(box) / STEP_MM)).map((profile) =>
    profile.subarray(0, steps),
  )
  const most = Math.floor(steps / 2)
  const alike = new Float64Array(steps).fill(-1)
  const fill = (lag: number): void => {
    const all = profiles.flatMap((profile) => correlationAt(profile, lag) ?? [])
    // A pattern repeats only where all that varies in it does.
    if (all.length > 0) alike[lag] = Math.min(...all)
  }
  for (let lag = 1; lag <= most; lag++) fill(lag)
  let least = 1
  const isPeak = (lag: number): boolean =>
    (alike[lag] as number) >= Math.max(ALIKE_FROM, least + UNLIKE) &&
    (alike[lag] as number) >= (alike[lag - 1] as number) &&
    (alike[lag] as number) > (alike[lag + 1] as number)
  let first = Math.ceil(LEAST_PITCH_FOUND_MM / STEP_MM)
  while (first < most && !isPeak(first)) least = Math.min(least, alike[first++] as number)
  if (first >= most) return undefined
  // Each further repeat corrects the pitch by what the peak near it says.
  let pitch = first + peakBetween(...near(alike, first))
  for (let repeats = 2; pitch * repeats < steps * 0.75; repeats++) {
    const about = Math.round(pitch * repeats)
    for (let lag = about - 3; lag <= about + 3; lag++) if (alike[lag] === -1) fill(lag)
    let peak = about
    for (let lag = about - 2; lag <= about + 2; lag++) if ((alike[lag] as number) > (alike[peak] as number)) peak = lag
    if ((alike[peak] as number) < ALIKE_FROM) break
    pitch = (peak + peakBetween(...near(alike, peak))) / repeats
  }
  return Math.round(pitch * STEP_MM * 1000) / 1000
}

const near = (values: Float64Array, at: number): [number, number, number] => [
  values[at - 1] as number,
  values[at] as number,
  values[at + 1] as number,
]

/** Where the highest crest of the pattern's upper edge lies within its first pitch, mm from the die's start. */
export const crestOf = (lines: readonly Polyline[], pitchMm: number): number => {
  const box = boxAround(lines)
  if (!box || !(pitchMm > 0)) return 0
  let crest = 0
  let highest = Infinity
  for (const line of lines)
    for (let at = 0; at + 1 < line.length; at += 2) {
      const x = (line[at] as number) - box.fromX
      if (x >= pitchMm) continue
      if ((line[at + 1] as number) < highest - 1e-6) {
        highest = line[at + 1] as number
        crest = x
      }
    }
  return crest
}

/** mm. How near an open end must come to the die's own end to run off the strip there. */
const AT_END_MM = 0.5

/**
 * What a die's lines make of a strip: a border where some line runs from end to end; a lattice where closed cells repeat along it, which join
 * by cells falling into cells; a piece cut out where an outline is closed around all; nothing to join otherwise.
 */
export type BorderKind = 'open' | 'lattice' | 'closed' | 'no-line-through'

/** What a die makes of a strip along x. Common practice, no source: a border die is open at both ends, or a lattice that leaves the strip whole. */
export const borderKindOf = (lines: readonly Polyline[]): BorderKind => {
  const box = boxAround(lines)
  if (!box || heightOfBox(box) < 0) return 'no-line-through'
  const through = lines.some((line) => {
    if (isClosed(line)) return false
    const ends = [line[0] as number, line[line.length - 2] as number]
    return Math.min(...ends) - box.fromX <= AT_END_MM && box.toX - Math.max(...ends) <= AT_END_MM
  })
  if (through) return 'open'
  const spans = lines.some((line) => {
    const own = boxAround([line])
    return (
      own !== undefined &&
      isClosed(line) &&
      widthOf(own) >= widthOf(box) - 2 * AT_END_MM &&
      heightOfBox(own) >= heightOfBox(box) - 2 * AT_END_MM
    )
  })
  if (spans) return 'closed'
  return lines.every(isClosed) && pitchOf(lines) !== undefined ? 'lattice' : 'no-line-through'
}
