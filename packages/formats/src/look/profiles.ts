import { type Homography, mapped } from '../scan/homography.js'
import { brightnessAt, type Gray } from './gray.js'
import type { Sign } from './light.js'
import { quantile } from './quantile.js'
import { type Moved, placesMoved } from './refine.js'
import type { Samples } from './samples.js'

/** mm. Across each line so far either way, in this step. Diagnosis notes: 4 mm wide. */
const REACH_MM = 2
const STEP_MM = 0.1
const STEPS = Math.round((2 * REACH_MM) / STEP_MM) + 1
/** mm. What lies beside a kerf begins and ends so far from its middle. */
const BESIDE_MM = [0.4, 1] as const
/** mm. A kerf is looked for so near the line; and elsewhere, for what chance alone makes stand out, so far from it. */
const NEAR_MM = 0.3
const ELSEWHERE_MM = 1.15
/** mm. The line is followed so far where paper bends or a drawing is a little off, smoothed over so much of it. */
const FOLLOW_MM = 0.7
const SMOOTH_MM = 12
/** From this share of the way from sheet to ground on there is no sheet. */
const OPEN_FROM = 0.55

/** Every sample as it looks across: all in shares of the sheet's own brightness there. */
export interface Profiles {
  /** How much the line stands out from what lies beside it, the way light does. */
  readonly signal: Float64Array
  /** The same where no line is. */
  readonly chance: Float64Array
  /** Whether the sheet is gone on one side or both. */
  readonly open: Uint8Array
  /** mm. How far off its place the line was found. */
  readonly offMm: Float64Array
}

const indexOf = (mm: number): number => Math.round((mm + REACH_MM) / STEP_MM)

const meanOver = (profile: Float64Array, fromMm: number, toMm: number): number => {
  const [from, to] = [Math.max(0, indexOf(fromMm)), Math.min(STEPS - 1, indexOf(toMm))]
  let sum = 0
  for (let at = from; at <= to; at++) sum += profile[at] as number
  return sum / Math.max(1, to - from + 1)
}

/** How far a place of a profile stands out from both its sides. */
const standsOut = (profile: Float64Array, atMm: number, sign: Sign): number => {
  const left = meanOver(profile, atMm - BESIDE_MM[1], atMm - BESIDE_MM[0])
  const right = meanOver(profile, atMm + BESIDE_MM[0], atMm + BESIDE_MM[1])
  // Beside what is brighter anyway it has to be brighter still.
  const beside = sign > 0 ? Math.max(left, right) : Math.min(left, right)
  return sign * ((profile[indexOf(atMm)] as number) - beside)
}

const mostAround = (profile: Float64Array, midMm: number, sign: Sign): readonly [value: number, atMm: number] => {
  let best = -Infinity
  let bestMm = midMm
  for (let mm = midMm - NEAR_MM; mm <= midMm + NEAR_MM + 1e-9; mm += STEP_MM) {
    const value = standsOut(profile, mm, sign)
    if (value > best) [best, bestMm] = [value, mm]
  }
  return [best, bestMm]
}

/** Looks across every line of a picture. `groundShare` is how bright the ground is over the sheet. */
export const profilesOf = (
  gray: Gray,
  sheetAt: (x: number, y: number) => number,
  groundShare: number,
  samples: Samples,
  map: Homography,
  moved: Moved,
  sign: Sign,
): Profiles => {
  const { count } = samples
  const [c, s] = [Math.cos((moved.turnDeg * Math.PI) / 180), Math.sin((moved.turnDeg * Math.PI) / 180)]
  const placeOf = placesMoved(samples, moved)
  const all = Array.from({ length: count }, (_, at) => {
    const [x, y] = placeOf(at)
    const [ax, ay] = [samples.acrossX[at] as number, samples.acrossY[at] as number]
    const [nx, ny] = [c * ax - s * ay, s * ax + c * ay]
    const pixel = mapped(map, x, y)
    const sheet = Math.max(1, sheetAt(pixel.x, pixel.y))
    const profile = new Float64Array(STEPS)
    for (let step = 0; step < STEPS; step++) {
      const mm = step * STEP_MM - REACH_MM
      const place = mapped(map, x + mm * nx, y + mm * ny)
      profile[step] = brightnessAt(gray, place.x, place.y) / sheet
    }
    return profile
  })
  const offMm = followed(all, samples, sign)
  const made: Profiles = {
    signal: new Float64Array(count),
    chance: new Float64Array(2 * count),
    open: new Uint8Array(count),
    offMm,
  }
  all.forEach((profile, at) => {
    const off = offMm[at] as number
    made.signal[at] = mostAround(profile, off, sign)[0]
    made.chance[2 * at] = mostAround(profile, off - ELSEWHERE_MM, sign)[0]
    made.chance[2 * at + 1] = mostAround(profile, off + ELSEWHERE_MM, sign)[0]
    const openness = (fromMm: number, toMm: number): number =>
      (meanOver(profile, off + fromMm, off + toMm) - 1) / (groundShare - 1)
    made.open[at] = openness(-0.9, -0.35) > OPEN_FROM || openness(0.35, 0.9) > OPEN_FROM ? 1 : 0
  })
  return made
}

/** How far off its place each sample's line lies, by what stands out along the line about it. */
const followed = (all: readonly Float64Array[], { line, atMm, count }: Samples, sign: Sign): Float64Array => {
  const found = all.map((profile) => {
    let best = -Infinity
    let bestMm = 0
    for (let mm = -FOLLOW_MM; mm <= FOLLOW_MM + 1e-9; mm += STEP_MM) {
      const value = standsOut(profile, mm, sign)
      if (value > best) [best, bestMm] = [value, mm]
    }
    return { value: best, mm: bestMm }
  })
  const strong = quantile(
    found.map(({ value }) => value),
    0.5,
  )
  const off = new Float64Array(count)
  for (let at = 0; at < count; at++) {
    const near: number[] = []
    for (const step of [-1, 1])
      for (
        let other = step < 0 ? at : at + 1;
        other >= 0 &&
        other < count &&
        line[other] === line[at] &&
        Math.abs((atMm[other] as number) - (atMm[at] as number)) <= SMOOTH_MM;
        other += step
      )
        if ((found[other] as (typeof found)[number]).value >= strong)
          near.push((found[other] as (typeof found)[number]).mm)
    off[at] = near.length >= 5 ? quantile(near, 0.5) : 0
  }
  return off
}
