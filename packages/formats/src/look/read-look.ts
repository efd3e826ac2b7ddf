import { boxAround, lengthOf, middleOf, placeLines, type Polyline } from '@bold-heron/core'
import { type Homography, ontoCorners, type Pixel } from '../scan/homography.js'
import type { Picture } from '../scan/picture.js'
import { blurred, brightnessAt, type Gray, grayOf, smaller } from './gray.js'
import { hangingAlong, kindsOf } from './hanging-chain.js'
import { distanceTo, type Sign, standingOut } from './light.js'
import { profilesOf } from './profiles.js'
import { bestPlace, type Moved } from './refine.js'
import { type Samples, samplesAlong } from './samples.js'
import { type Corners, sheetCorners } from './sheet-corners.js'

/** A cut that was held up or laid down and photographed: what is in the picture. Lengths in mm. */
export interface LookAsked {
  readonly picture: Picture
  /** The die's lines as they are drawn, y downwards. */
  readonly lines: readonly Polyline[]
  readonly sheet: { readonly widthMm: number; readonly heightMm: number }
  /** The middle of the die's box from the sheet's upper left corner as seen from the front, and by how much it is turned, from +x towards +y. */
  readonly placement: { readonly xMm: number; readonly yMm: number; readonly rotationDeg: number }
  /** From which side the picture shows it. */
  readonly side: 'front' | 'back'
  readonly light: 'behind' | 'dark-ground'
}

/** Why a picture says nothing, and what would. */
export type LookFault =
  /** Not all edges of the sheet are in the picture. */
  | 'no-sheet'
  /** Too few pixels a millimetre. */
  | 'too-coarse'
  /** The lines lie nowhere on what the picture shows. */
  | 'no-fit'
  /** Cut and uncut look too much alike. */
  | 'faint'
  /** No line shows any light: all of it hangs, or it was not held against it. */
  | 'no-light'

export interface LookStretch {
  /** Which of the lines, from 0, and mm from its first point. */
  readonly line: number
  readonly fromMm: number
  readonly toMm: number
  /** The chance that it hangs, 0…1. */
  readonly hanging: number
}

export type LookRead =
  | {
      readonly read: true
      /** How far off the lines of the picture are from those of the die, mm, in the middle of all. */
      readonly misfitMm: number
      readonly hangingShare: number
      readonly stretches: readonly LookStretch[]
    }
  | { readonly read: false; readonly why: LookFault }

/** Pixels. The sheet is looked for in a picture so small; lines in one with so many a millimetre, and across them in one that fine. */
const SMALL_PX = 500
const LINES_PER_MM = 6
const FINE_PER_MM = 14
/** Pixels a millimetre; what is coarser shows no kerf. */
const LEAST_PER_MM = 3
/** mm. How far what counts as around a kerf reaches. */
const AROUND_MM = 0.9
/** mm. Farther than this nothing pulls a line. */
const PULL_MM = 1.5
/** mm. A misfit over this cannot be read. Diagnosis notes. */
const MOST_MISFIT_MM = 0.8
/** Kinds of line that are less far apart than this cannot be told. */
const LEAST_APART = 4.5
/** mm. Stretches that are told are about so long. */
const TOLD_MM = 5

const perMmOf = (corners: Corners, widthMm: number, heightMm: number): number => {
  const side = (at: number): number => {
    const [from, to] = [corners[at] as Pixel, corners[(at + 1) % 4] as Pixel]
    return Math.hypot(to.x - from.x, to.y - from.y)
  }
  return (side(0) + side(1) + side(2) + side(3)) / (2 * (widthMm + heightMm))
}

const scaled = (corners: Corners, times: number): Corners =>
  corners.map(({ x, y }) => ({ x: x * times, y: y * times })) as unknown as Corners

/** The corners one on: the sheet turned by a quarter. */
const turned = ([a, b, c, d]: Corners, quarters: number): Corners =>
  [a, b, c, d].map((_, at) => [a, b, c, d][(at + quarters) % 4]) as unknown as Corners

/** Lines on the sheet as the picture shows it: from behind everything is the other way round. */
const linesOnSheet = ({ lines, placement, sheet, side }: LookAsked): number[][] => {
  const laid = placeLines(lines, placement)
  return side === 'front'
    ? laid
    : laid.map((line) => line.map((value, at) => (at % 2 === 0 ? sheet.widthMm - value : value)))
}

interface Placed {
  readonly map: Homography
  readonly moved: Moved
  readonly cost: number
}

/** An upright picture is believed unless another way round fits so much better. */
const UPRIGHT = 0.75
/** The sheet's sides may look so much longer or shorter than they are, at a slant. */
const SLANTED = 1.6

/** Where the lines lie in a picture whose sheet has these corners; by every way that the sheet may be turned in it. */
const placeIn = (
  gray: Gray,
  corners: Corners,
  perMm: number,
  asked: LookAsked,
  samples: Samples,
  sign: Sign,
): Placed | undefined => {
  const { widthMm, heightMm } = asked.sheet
  const out = standingOut(gray, sign, Math.max(2, Math.round(AROUND_MM * perMm)))
  const most = PULL_MM * perMm
  const level = noiseOf(out)
  const distances = { away: distanceTo(out, level, most), width: gray.width, height: gray.height, most }
  const box = boxAround([Array.from(samples.x).flatMap((x, at) => [x, samples.y[at] as number])])
  const middle = box ? middleOf(box) : ([0, 0] as const)
  let best: Placed | undefined
  for (const quarters of [0, 1, 3, 2]) {
    const its = turned(corners, quarters)
    const across =
      Math.hypot(its[1].x - its[0].x, its[1].y - its[0].y) / Math.hypot(its[3].x - its[0].x, its[3].y - its[0].y)
    const ratio = across / (widthMm / heightMm)
    if (ratio > SLANTED || ratio < 1 / SLANTED) continue
    const map = ontoCorners(widthMm, heightMm, its)
    if (!map) continue
    const found = bestPlace(samples, map, middle, distances)
    if (!best || found.cost < UPRIGHT * best.cost) best = { map, ...found }
  }
  return best
}

/** What stands out by more than this is no noise. */
const noiseOf = ({ values }: Gray): number => {
  const some = Float32Array.from(
    { length: Math.min(values.length, 40_000) },
    (_, at) => values[Math.floor((at * values.length) / Math.min(values.length, 40_000))] as number,
  )
  some.sort()
  return Math.max(4, 2.5 * (some[Math.floor(0.8 * some.length)] as number))
}

const middleOfAll = (values: Float64Array): number => Float64Array.from(values).sort()[values.length >> 1] ?? 0

/** The stretches of a line as they are told. */
const toldStretches = (
  lines: readonly Polyline[],
  { line, atMm, count }: Samples,
  hanging: Float64Array,
): LookStretch[] => {
  const told: LookStretch[] = []
  let at = 0
  lines.forEach((points, which) => {
    const total = lengthOf(points)
    const parts = Math.max(1, Math.round(total / TOLD_MM))
    for (let part = 0; part < parts; part++) {
      const toMm = ((part + 1) * total) / parts
      let sum = 0
      let some = 0
      for (; at < count && line[at] === which && ((atMm[at] as number) <= toMm || part === parts - 1); at++) {
        sum += hanging[at] as number
        some++
      }
      told.push({ line: which, fromMm: (part * total) / parts, toMm, hanging: some > 0 ? sum / some : 0.5 })
    }
  })
  return told
}

/** Reads a photo of a cut against the light, or on the dark: which stretches of the die's lines hang. */
export const readLook = (asked: LookAsked): LookRead => {
  const { picture, light, sheet, lines } = asked
  const sign: Sign = light === 'behind' ? 1 : -1
  const whole = grayOf(picture)
  const times = Math.max(1, Math.round(Math.max(whole.width, whole.height) / SMALL_PX))
  const small = smaller(whole, times)
  const found = sheetCorners(small, light === 'behind')
  if (!found) return { read: false, why: 'no-sheet' }
  const perMm = times * perMmOf(found, sheet.widthMm, sheet.heightMm)
  if (perMm < LEAST_PER_MM) return { read: false, why: 'too-coarse' }

  const samples = samplesAlong(linesOnSheet(asked))
  const coarseTimes = Math.max(1, Math.round(perMm / LINES_PER_MM))
  const coarse = smaller(whole, coarseTimes)
  const placed = placeIn(coarse, scaled(found, times / coarseTimes), perMm / coarseTimes, asked, samples, sign)
  if (!placed) return { read: false, why: 'no-fit' }

  const fineTimes = Math.max(1, Math.floor(perMm / FINE_PER_MM))
  const fine = fineTimes === 1 ? whole : smaller(whole, fineTimes)
  const zoom = coarseTimes / fineTimes
  const map = zoomed(placed.map, zoom)
  const sheetLight = sheetLevels(small, found, sign)
  const box = boxAround([Array.from(samples.x).flatMap((x, at) => [x, samples.y[at] as number])])
  const profiles = profilesOf(
    fine,
    (x, y) => brightnessAt(sheetLight.around, (x * fineTimes) / times, (y * fineTimes) / times),
    sheetLight.groundShare,
    samples,
    map,
    placed.moved,
    box ? middleOf(box) : [0, 0],
    sign,
  )
  const kinds = kindsOf(profiles)
  if (!kinds) return { read: false, why: 'no-light' }
  if (kinds.apart < LEAST_APART) return { read: false, why: 'faint' }
  const misfitMm = middleOfAll(profiles.offMm.map(Math.abs))
  if (misfitMm > MOST_MISFIT_MM) return { read: false, why: 'no-fit' }
  const hanging = hangingAlong(profiles, samples, kinds)
  const stretches = toldStretches(lines, samples, hanging)
  const all = stretches.reduce((sum, { fromMm, toMm }) => sum + toMm - fromMm, 0)
  return {
    read: true,
    misfitMm,
    hangingShare: stretches.reduce((sum, { fromMm, toMm, hanging: share }) => sum + share * (toMm - fromMm), 0) / all,
    stretches,
  }
}

/** The same map onto a picture so many times as large. */
const zoomed = ([a, b, c, d, e, f, g, h]: Homography, times: number): Homography => [
  a * times,
  b * times,
  c * times,
  d * times,
  e * times,
  f * times,
  g,
  h,
]

/** How bright the sheet is around every place of the small picture, and how bright the ground is over it. */
const sheetLevels = (small: Gray, corners: Corners, sign: Sign) => {
  const inside = insideOf(corners)
  const { width, values } = small
  const [sheet, ground]: [number[], number[]] = [[], []]
  values.forEach((value, at) => (inside((at % width) + 0.5, Math.floor(at / width) + 0.5) ? sheet : ground).push(value))
  const middle = (all: number[], share: number): number => {
    const sorted = Float64Array.from(all).sort()
    return sorted[Math.floor(share * sorted.length)] ?? 0
  }
  const level = middle(sheet, 0.5)
  const groundLevel = ground.length > 0 ? middle(ground, 0.5) : level + sign * 60
  const parting = (level + groundLevel) / 2
  // Where light comes through, the sheet about it stands for it.
  const own = Float32Array.from(values, (value) => (sign * (value - parting) > 0 ? 0 : value))
  const known = Float32Array.from(values, (value) => (sign * (value - parting) > 0 ? 0 : 1))
  const radius = 12
  const sums = blurred({ ...small, values: own }, radius)
  const counts = blurred({ ...small, values: known }, radius)
  return {
    around: {
      ...small,
      values: sums.values.map((sum, at) =>
        (counts.values[at] as number) > 0.05 ? sum / (counts.values[at] as number) : level,
      ),
    },
    groundShare: groundLevel / Math.max(1, level),
  }
}

const insideOf =
  (corners: Corners) =>
  (x: number, y: number): boolean =>
    corners.every((from, at) => {
      const to = corners[(at + 1) % 4] as Pixel
      return (to.x - from.x) * (y - from.y) - (to.y - from.y) * (x - from.x) >= 0
    })
