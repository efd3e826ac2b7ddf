import { boxAround, lengthOf, middleOf, placeLines, type Polyline } from '@bold-heron/core'
import { type Homography, mapped, ontoCorners, type Pixel } from '../scan/homography.js'
import type { Picture } from '../scan/picture.js'
import { blurred, brightnessAt, evened, type Gray, grayOf, smaller } from './gray.js'
import { hangingAlong, kindsOf } from './hanging-chain.js'
import { distanceTo, noiseOf, type Sign, standingOut } from './light.js'
import { placeByOutline } from './place-by-outline.js'
import { profilesOf } from './profiles.js'
import { bestPlace, type Moved } from './refine.js'
import { type Samples, samplesAlong } from './samples.js'
import { type Corners, sheetCorners } from './sheet-corners.js'

/** A sheet and where the die lay on it, mm. */
interface LookSheet {
  readonly widthMm: number
  readonly heightMm: number
  /** The middle of the die's box from the sheet's upper left corner as seen from the front, and by how much it is turned, from +x towards +y. */
  readonly placement: { readonly xMm: number; readonly yMm: number; readonly rotationDeg: number }
}

/** A cut that was held up or laid down and photographed: what is in the picture. Lengths in mm. */
export interface LookAsked {
  readonly picture: Picture
  /** The die's lines as they are drawn, y downwards. */
  readonly lines: readonly Polyline[]
  /** The sheet, and where the die lay on it; where nobody knows, the lines are found by themselves. */
  readonly on?: LookSheet | undefined
  /** From which side the picture shows it. */
  readonly side: 'front' | 'back'
  readonly light: 'behind' | 'dark-ground'
}

/** Why a picture says nothing, and what would. */
export type LookFault =
  /** Not all edges of the sheet are in the picture, and its lines cannot be placed by themselves. */
  | 'no-sheet'
  /** Too few pixels a millimetre. */
  | 'too-coarse'
  /** What was found lies too far from the lines. */
  | 'no-fit'
  /** Cut and uncut look too much alike. */
  | 'faint'
  /** No line shows any light: all of it hangs, or it was not held against it. */
  | 'no-light'

interface LookStretch {
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
/** Greys by which ground and sheet differ at the least; pixels of the small picture about a place that tell how bright the sheet is there. */
const LIGHT = 60
const SHEET_RADIUS = 12
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
const linesOnSheet = ({ lines, on, side }: LookAsked): readonly Polyline[] => {
  const laid = on ? placeLines(lines, on.placement) : lines
  const across = on?.widthMm ?? 0
  return side === 'front'
    ? laid
    : laid.map((line) => Array.from(line, (value, at) => (at % 2 === 0 ? across - value : value)))
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
  { widthMm, heightMm }: LookSheet,
  samples: Samples,
  sign: Sign,
): Placed | undefined => {
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

/** Where the lines of a cut lie in a picture, and what there is around them. */
interface Found {
  /** From places on the sheet, mm, to pixels of the whole picture. */
  readonly map: Homography
  readonly moved: Moved
  readonly perMm: number
  readonly levels: Levels
  readonly times: number
}

const NOT_MOVED: Moved = { xMm: 0, yMm: 0, turnDeg: 0 }

/** By the corners of the sheet, where they are in the picture and the lines lie between them. */
const foundByCorners = (
  whole: Gray,
  small: Gray,
  times: number,
  asked: LookAsked,
  samples: Samples,
  sign: Sign,
): Found | undefined => {
  const { on, light } = asked
  const corners = on && sheetCorners(small, light === 'behind')
  if (!corners) return undefined
  const { widthMm, heightMm } = on
  const perMm = times * perMmOf(corners, widthMm, heightMm)
  const coarseTimes = Math.max(1, Math.round(perMm / LINES_PER_MM))
  const coarse = smaller(whole, coarseTimes)
  const placed = placeIn(coarse, scaled(corners, times / coarseTimes), perMm / coarseTimes, on, samples, sign)
  if (!placed) return undefined
  const { map, moved } = placed
  return { map: zoomed(map, coarseTimes), moved, perMm, levels: levelsWithin(small, corners, sign), times }
}

/** By the lines themselves. */
const foundByOutline = (
  whole: Gray,
  small: Gray,
  times: number,
  _asked: LookAsked,
  samples: Samples,
  sign: Sign,
): Found | undefined => {
  const map = placeByOutline(whole, samples, sign)
  if (!map) return undefined
  const at = mapped(map, samples.x[0] as number, samples.y[0] as number)
  const beside = mapped(map, (samples.x[0] as number) + 1, samples.y[0] as number)
  const perMm = Math.hypot(beside.x - at.x, beside.y - at.y)
  return { map, moved: NOT_MOVED, perMm, levels: levelsOfSheet(small, sign), times }
}

/** What the picture says where its lines were found. */
const readAt = (whole: Gray, asked: LookAsked, samples: Samples, sign: Sign, found: Found): LookRead => {
  const { map, moved, perMm, levels, times } = found
  if (perMm < LEAST_PER_MM) return { read: false, why: 'too-coarse' }
  const fineTimes = Math.max(1, Math.floor(perMm / FINE_PER_MM))
  const box = boxAround([Array.from(samples.x).flatMap((x, at) => [x, samples.y[at] as number])])
  const profiles = profilesOf(
    smaller(whole, fineTimes),
    (x, y) => brightnessAt(levels.around, (x * fineTimes) / times, (y * fineTimes) / times),
    levels.groundShare,
    samples,
    zoomed(map, 1 / fineTimes),
    moved,
    box ? middleOf(box) : [0, 0],
    sign,
  )
  const kinds = kindsOf(profiles)
  if (!kinds) return { read: false, why: 'no-light' }
  if (kinds.apart < LEAST_APART) return { read: false, why: 'faint' }
  const misfitMm = middleOfAll(profiles.offMm.map(Math.abs))
  if (misfitMm > MOST_MISFIT_MM) return { read: false, why: 'no-fit' }
  const stretches = toldStretches(asked.lines, samples, hangingAlong(profiles, samples, kinds))
  const all = stretches.reduce((sum, { fromMm, toMm }) => sum + toMm - fromMm, 0)
  return {
    read: true,
    misfitMm,
    hangingShare: stretches.reduce((sum, { fromMm, toMm, hanging }) => sum + hanging * (toMm - fromMm), 0) / all,
    stretches,
  }
}

/**
 * Reads a photo of a cut against the light, or on the dark: which stretches of the die's lines hang. The lines are found by the sheet's
 * corners; where those are not in the picture, or lead nowhere, by themselves.
 */
export const readLook = (asked: LookAsked): LookRead => {
  const sign: Sign = asked.light === 'behind' ? 1 : -1
  const samples = samplesAlong(linesOnSheet(asked))
  const plain = grayOf(asked.picture)
  const times = Math.max(1, Math.round(Math.max(plain.width, plain.height) / SMALL_PX))
  const ways = [
    () => [plain, foundByCorners] as const,
    // Where light falls off across the picture, its sheet may be brighter at one end than its ground at the other.
    () => [evened(plain), foundByCorners] as const,
    () => [plain, foundByOutline] as const,
  ]
  let first: LookRead | undefined
  for (const way of ways) {
    const [whole, find] = way()
    const found = find(whole, smaller(whole, times), times, asked, samples, sign)
    const read = found && readAt(whole, asked, samples, sign, found)
    if (read?.read) return read
    first ??= read
  }
  return first ?? { read: false, why: 'no-sheet' }
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
interface Levels {
  readonly around: Gray
  readonly groundShare: number
}

const quantileOf = (values: readonly number[], share: number): number =>
  Float64Array.from(values).sort()[Math.floor(share * (values.length - 1))] ?? 0

/** Where light comes through, the sheet about it stands for it. */
const levelsOf = (small: Gray, level: number, groundLevel: number, sign: Sign): Levels => {
  const parting = (level + groundLevel) / 2
  const own = small.values.map((value) => (sign * (value - parting) > 0 ? 0 : value))
  const known = small.values.map((value) => (sign * (value - parting) > 0 ? 0 : 1))
  const sums = blurred({ ...small, values: own }, SHEET_RADIUS)
  const counts = blurred({ ...small, values: known }, SHEET_RADIUS).values
  const values = sums.values.map((sum, at) => ((counts[at] as number) > 0.05 ? sum / (counts[at] as number) : level))
  return { around: { ...small, values }, groundShare: groundLevel / Math.max(1, level) }
}

/** By what lies within the sheet's corners, and what beside it. */
const levelsWithin = (small: Gray, corners: Corners, sign: Sign): Levels => {
  const inside = insideOf(corners)
  const [sheet, ground]: [number[], number[]] = [[], []]
  small.values.forEach((value, at) =>
    (inside((at % small.width) + 0.5, Math.floor(at / small.width) + 0.5) ? sheet : ground).push(value),
  )
  const level = quantileOf(sheet, 0.5)
  return levelsOf(small, level, ground.length > 0 ? quantileOf(ground, 0.5) : level + sign * LIGHT, sign)
}

/** Where nothing but the sheet is in the picture: what is gone of it is the brightest, or darkest, there is. */
const levelsOfSheet = (small: Gray, sign: Sign): Levels => {
  const all = Array.from(small.values)
  const level = quantileOf(all, 0.5)
  const most = quantileOf(all, sign > 0 ? 0.999 : 0.001)
  return levelsOf(small, level, sign > 0 ? Math.max(most, level + LIGHT) : Math.min(most, level - LIGHT), sign)
}

const insideOf =
  (corners: Corners) =>
  (x: number, y: number): boolean =>
    corners.every((from, at) => {
      const to = corners[(at + 1) % 4] as Pixel
      return (to.x - from.x) * (y - from.y) - (to.y - from.y) * (x - from.x) >= 0
    })
