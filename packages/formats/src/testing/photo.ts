import {
  circleAt,
  lengthOf,
  partAlong,
  placeLines,
  type Polyline,
  type RandomSource,
  randomNormal,
} from '@bold-heron/core'
import sharp from 'sharp'
import { type Homography, mapped, ontoCorners, type Pixel } from '../scan/homography.js'
import type { Picture } from '../scan/picture.js'
import type { LookAsked } from '../look/read-look.js'

/** A photo of a cut as another renderer (librsvg, by way of sharp) draws it, with what really hangs. */
export interface Photo {
  readonly asked: LookAsked
  /** By line: mm from its first point between which it hangs. */
  readonly hangs: readonly (readonly (readonly [fromMm: number, toMm: number])[])[]
}

export interface PhotoWish {
  readonly lines: readonly Polyline[]
  readonly light: 'behind' | 'dark-ground'
  readonly side?: 'front' | 'back'
  /** Which share of the line hangs, in stretches of 10 to 40 mm. */
  readonly hanging: number
  readonly pixelsPerMm: number
  /** Degrees that the sheet leans away, about the upright and the level. */
  readonly lean?: readonly [number, number]
  readonly kerfMm?: number
  /** Greys between kerf and sheet. */
  readonly contrast?: number
  readonly blur?: number
  readonly grain?: number
  /** How much darker one corner is than the other, as a share. */
  readonly uneven?: number
  /** mm. How far the die really lay from where it is told. */
  readonly off?: readonly [number, number]
  readonly rotationDeg?: number
  readonly handOver?: boolean
  /** Which share of what is cut out all round has fallen out; the outermost line stays. */
  readonly fallenOut?: number
}

/** mm. A6, and where the middle of the die lies on it. */
const USUAL_SHEET = { widthMm: 148, heightMm: 105, xMm: 70, yMm: 54 }

/** Round holes in a square, as lace has them. */
export const laceLines = (sideMm: number): number[][] => {
  const lines: number[][] = [circleAt(0, 0, sideMm * 0.7, 0.05)]
  for (let x = -sideMm / 2 + 4; x < sideMm / 2; x += 9)
    for (let y = -sideMm / 2 + 4; y < sideMm / 2; y += 9) lines.push(circleAt(x, y, 3, 0.05))
  return lines
}

/** A leaf: no two of its sides are alike. */
export const leafLines = (lengthMm: number, widthMm: number): number[][] => {
  const line: number[] = []
  for (let at = 0; at <= 120; at++) {
    const turn = (2 * Math.PI * at) / 120
    const waist = 1 + 0.18 * Math.cos(3 * turn + 0.4)
    line.push((lengthMm / 2) * Math.cos(turn) * waist, (widthMm / 2) * Math.sin(turn) * (1 + 0.25 * Math.cos(turn)))
  }
  return [line]
}

/** Corners of the sheet in a picture of it from in front, leaning so many degrees, seen from 350 mm. */
const cornersAt = (
  w: number,
  h: number,
  perMm: number,
  [tilt, pan]: readonly [number, number],
  marginPx: number,
): readonly [Pixel, Pixel, Pixel, Pixel] => {
  const [ct, st, cp, sp] = [tilt, pan].flatMap((deg) => [
    Math.cos((deg * Math.PI) / 180),
    Math.sin((deg * Math.PI) / 180),
  ]) as [number, number, number, number]
  const AWAY_MM = 350
  const at = (x: number, y: number): Pixel => {
    const [px, pz] = [x * cp, x * sp]
    const [py, pz2] = [y * ct - pz * st, y * st + pz * ct]
    const near = AWAY_MM / (AWAY_MM + pz2)
    return { x: perMm * px * near, y: perMm * py * near }
  }
  const raw = [at(-w / 2, -h / 2), at(w / 2, -h / 2), at(w / 2, h / 2), at(-w / 2, h / 2)]
  const [x0, y0] = [Math.min(...raw.map(({ x }) => x)), Math.min(...raw.map(({ y }) => y))]
  return raw.map(({ x, y }) => ({ x: x - x0 + marginPx, y: y - y0 + marginPx })) as unknown as readonly [
    Pixel,
    Pixel,
    Pixel,
    Pixel,
  ]
}

/** Draws a photo. */
export const photoOf = async (
  wish: PhotoWish,
  random: RandomSource,
  { widthMm, heightMm, xMm, yMm }: typeof USUAL_SHEET = USUAL_SHEET,
): Promise<Photo> => {
  const {
    lines,
    light,
    side = 'front',
    hanging,
    pixelsPerMm,
    lean = [0, 0],
    kerfMm = 0.2,
    contrast = 60,
    blur = 0.8,
    grain = 4,
    uneven = 0.15,
    off = [0, 0],
    rotationDeg = 0,
    handOver = false,
    fallenOut = 0,
  } = wish
  const placement = { xMm, yMm, rotationDeg }
  const really = placeLines(lines, { ...placement, xMm: placement.xMm + off[0], yMm: placement.yMm + off[1] })
  const shown = side === 'front' ? really : really.map((line) => line.map((v, at) => (at % 2 === 0 ? widthMm - v : v)))
  const margin = 12 * pixelsPerMm
  const corners = cornersAt(widthMm, heightMm, pixelsPerMm, lean, margin)
  const map = ontoCorners(widthMm, heightMm, corners) as Homography
  const [width, height] = [
    Math.ceil(Math.max(...corners.map(({ x }) => x)) + margin),
    Math.ceil(Math.max(...corners.map(({ y }) => y)) + margin),
  ]
  const drawn = (line: Polyline): string => {
    let d = ''
    for (let at = 0; at + 1 < line.length; at += 2) {
      const { x, y } = mapped(map, line[at] as number, line[at + 1] as number)
      d += `${at === 0 ? 'M' : 'L'}${x.toFixed(2)} ${y.toFixed(2)}`
    }
    return d
  }
  const hangs: [number, number][][] = []
  const kerfs: string[] = []
  const fallen: string[] = []
  for (const line of shown) {
    const total = lengthOf(line)
    const its: [number, number][] = []
    let at = 0
    while (at < total) {
      const is = random() < hanging
      const to = Math.min(total, at + 10 + 30 * random())
      if (is) its.push([at, to])
      else kerfs.push(drawn(partAlong(line, at, to)))
      at = to
    }
    hangs.push(its)
    if (its.length === 0 && hangs.length > 1 && random() < fallenOut) fallen.push(drawn(line))
  }
  const [ground, sheet] = light === 'behind' ? [235, 120] : [45, 200]
  const kerf = light === 'behind' ? sheet + contrast : sheet - contrast
  const grey = (level: number): string => `rgb(${level},${level},${level})`
  const hand = handOver
    ? `<ellipse cx="${width * 0.95}" cy="${height * 0.97}" rx="${width * 0.16}" ry="${height * 0.2}" fill="rgb(90,70,60)"/>`
    : ''
  const svg = `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}"><rect width="100%" height="100%" fill="${grey(ground)}"/><path d="M${corners.map(({ x, y }) => `${x} ${y}`).join('L')}Z" fill="${grey(sheet)}"/>${fallen.map((d) => `<path d="${d}Z" fill="${grey(ground)}"/>`).join('')}${kerfs.map((d) => `<path d="${d}" fill="none" stroke="${grey(kerf)}" stroke-width="${(kerfMm * pixelsPerMm).toFixed(2)}"/>`).join('')}${hand}</svg>`
  const soft = sharp(Buffer.from(svg)).blur(Math.max(0.3, blur))
  const { data } = await soft.ensureAlpha().raw().toBuffer({ resolveWithObject: true })
  const rgba = new Uint8ClampedArray(data)
  for (let pixel = 0; pixel < width * height; pixel++) {
    const [x, y] = [pixel % width, Math.floor(pixel / width)]
    const light = 1 - uneven * ((x / width + y / height) / 2)
    const noise = grain * randomNormal(random)
    for (let channel = 0; channel < 3; channel++)
      rgba[4 * pixel + channel] = (rgba[4 * pixel + channel] as number) * light + noise
  }
  const picture: Picture = { width, height, rgba }
  return { asked: { picture, lines, on: { widthMm, heightMm, placement }, side, light }, hangs }
}

/** The same photo with nothing but what lies so near the die, mm; then no edge of the sheet is in it. */
export const closeUp = ({ asked, hangs }: Photo, aroundMm: number, pixelsPerMm: number): Photo => {
  const { picture, lines, on } = asked
  if (!on) throw new Error('a photo is cut down by where its die lay')
  const { placement } = on
  const half = Math.max(...lines.flatMap((line) => [...line].map(Math.abs))) + aroundMm
  const margin = 12 * pixelsPerMm
  const mid = asked.side === 'front' ? placement.xMm : on.widthMm - placement.xMm
  const at = (mm: number, most: number) => Math.max(0, Math.min(most, Math.round(margin + mm * pixelsPerMm)))
  const [fromX, toX] = [at(mid - half, picture.width), at(mid + half, picture.width)]
  const [fromY, toY] = [at(placement.yMm - half, picture.height), at(placement.yMm + half, picture.height)]
  const [width, height] = [toX - fromX, toY - fromY]
  const rgba = new Uint8ClampedArray(4 * width * height)
  for (let y = 0; y < height; y++) {
    const from = 4 * ((y + fromY) * picture.width + fromX)
    rgba.set(picture.rgba.subarray(from, from + 4 * width), 4 * y * width)
  }
  return { asked: { ...asked, picture: { width, height, rgba } }, hangs }
}

/** How well stretches were told, by length: which share was told right, and of what was told surely; and mm that were surely told wrong. */
export const judged = (
  { hangs }: Photo,
  stretches: readonly {
    readonly line: number
    readonly fromMm: number
    readonly toMm: number
    readonly hanging: number
  }[],
) => {
  let [all, right, sure, sureRight] = [0, 0, 0, 0]
  for (const { line, fromMm, toMm, hanging } of stretches) {
    const mm = toMm - fromMm
    const hungMm = (hangs[line] ?? []).reduce(
      (sum, [from, to]) => sum + Math.max(0, Math.min(to, toMm) - Math.max(from, fromMm)),
      0,
    )
    const rightMm = hanging >= 0.5 ? hungMm : mm - hungMm
    all += mm
    right += rightMm
    if (hanging > 0.9 || hanging < 0.1) {
      sure += mm
      sureRight += rightMm
    }
  }
  return {
    right: right / all,
    sure: sure / all,
    sureRight: sure > 0 ? sureRight / sure : 1,
    sureWrongMm: sure - sureRight,
  }
}
