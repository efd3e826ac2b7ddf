import { placeLines, type Polyline, stretchesOf } from '@bold-heron/core'
import { type Homography, mapped, ontoCorners, type Pixel } from '../scan/homography.js'
import type { Picture } from '../scan/picture.js'
import { brightnessAt, evened, type Gray, grayOf, smaller } from './gray.js'
import { hangingAlong, kindsOf } from './hanging-chain.js'
import { type Levels, levelsOfSheet, levelsWithin } from './levels.js'
import { distanceTo, noiseOf, type Sign, standingOut } from './light.js'
import { placeByOutline } from './place-by-outline.js'
import { profilesOf } from './profiles.js'
import { quantile } from './quantile.js'
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
/**
 * Kinds of line that are less far apart than this, in spreads of chance, cannot be told. Measured with drawn photos: at 2.7 some were told wrong,
 * from 3.2 on 97 in 100 and more were right.
 */
const LEAST_APART = 3

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
  const distances = distanceTo(out, level, most)
  let best: Placed | undefined
  for (const quarters of [0, 1, 3, 2]) {
    const its = turned(corners, quarters)
    const across =
      Math.hypot(its[1].x - its[0].x, its[1].y - its[0].y) / Math.hypot(its[3].x - its[0].x, its[3].y - its[0].y)
    const ratio = across / (widthMm / heightMm)
    if (ratio > SLANTED || ratio < 1 / SLANTED) continue
    const map = ontoCorners(widthMm, heightMm, its)
    if (!map) continue
    const found = bestPlace(samples, map, distances)
    if (!best || found.cost < UPRIGHT * best.cost) best = { map, ...found }
  }
  return best
}

/** The stretches of lines, each with how likely it is to hang in the mean of its samples. */
const toldStretches = (
  lines: readonly Polyline[],
  { line: lineOf, atMm, count }: Samples,
  hanging: Float64Array,
): LookStretch[] => {
  let at = 0
  return stretchesOf([{ outline: { lines } }]).map(({ line, fromMm, toMm }) => {
    let sum = 0
    let some = 0
    for (; at < count && lineOf[at] === line && (atMm[at] as number) <= toMm; at++) {
      sum += hanging[at] as number
      some++
    }
    return { line, fromMm, toMm, hanging: some > 0 ? sum / some : 0.5 }
  })
}

/** A picture that is looked at, whole and small, and what is looked for in it. */
interface Looking {
  readonly whole: Gray
  readonly small: Gray
  /** How many times smaller the small one is. */
  readonly times: number
  readonly asked: LookAsked
  readonly samples: Samples
  readonly sign: Sign
}

/** Where the lines of a cut lie in a picture, and what there is around them. */
interface Found {
  /** From places on the sheet, mm, to pixels of the whole picture. */
  readonly map: Homography
  readonly moved: Moved
  readonly perMm: number
  readonly levels: Levels
}

const NOT_MOVED: Moved = { xMm: 0, yMm: 0, turnDeg: 0 }

/** By the corners of the sheet, where they are in the picture and the lines lie between them. */
const foundByCorners = ({ whole, small, times, asked: { on, light }, samples, sign }: Looking): Found | undefined => {
  const corners = on && sheetCorners(small, light === 'behind')
  if (!corners) return undefined
  const { widthMm, heightMm } = on
  const perMm = times * perMmOf(corners, widthMm, heightMm)
  const coarseTimes = Math.max(1, Math.round(perMm / LINES_PER_MM))
  const coarse = smaller(whole, coarseTimes)
  const placed = placeIn(coarse, scaled(corners, times / coarseTimes), perMm / coarseTimes, on, samples, sign)
  if (!placed) return undefined
  const { map, moved } = placed
  return { map: zoomed(map, coarseTimes), moved, perMm, levels: levelsWithin(small, corners, sign) }
}

/** By the lines themselves. */
const foundByOutline = ({ whole, small, samples, sign }: Looking): Found | undefined => {
  const map = placeByOutline(whole, samples, sign)
  if (!map) return undefined
  const at = mapped(map, samples.x[0] as number, samples.y[0] as number)
  const beside = mapped(map, (samples.x[0] as number) + 1, samples.y[0] as number)
  const perMm = Math.hypot(beside.x - at.x, beside.y - at.y)
  return { map, moved: NOT_MOVED, perMm, levels: levelsOfSheet(small, sign) }
}

/** What the picture says where its lines were found. */
const readAt = ({ whole, times, asked, samples, sign }: Looking, { map, moved, perMm, levels }: Found): LookRead => {
  if (perMm < LEAST_PER_MM) return { read: false, why: 'too-coarse' }
  const fineTimes = Math.max(1, Math.floor(perMm / FINE_PER_MM))
  const profiles = profilesOf(
    smaller(whole, fineTimes),
    (x, y) => brightnessAt(levels.around, (x * fineTimes) / times, (y * fineTimes) / times),
    levels.groundShare,
    samples,
    zoomed(map, 1 / fineTimes),
    moved,
    sign,
  )
  const kinds = kindsOf(profiles)
  if (!kinds) return { read: false, why: 'no-light' }
  if (kinds.apart < LEAST_APART) return { read: false, why: 'faint' }
  const misfitMm = quantile(profiles.offMm.map(Math.abs), 0.5)
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
  const lookingAt = (whole: Gray): Looking => ({ whole, small: smaller(whole, times), times, asked, samples, sign })
  const asItIs = lookingAt(plain)
  const ways = [
    [() => asItIs, foundByCorners],
    // Where light falls off across the picture, its sheet may be brighter at one end than its ground at the other.
    [() => lookingAt(evened(plain)), foundByCorners],
    [() => asItIs, foundByOutline],
  ] as const
  let first: LookRead | undefined
  for (const [look, find] of ways) {
    const looking = look()
    const found = find(looking)
    const read = found && readAt(looking, found)
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
