import { type Polyline, signedAreaOf } from '@bold-heron/core'
import { contours } from 'd3-contour'
import simplify from 'simplify-js'
import { brightnessOf, type Picture, type Scale, squareUp, thresholdOf } from './picture.js'

export interface TraceWish {
  readonly scale: Scale
  /** Brightness that parts shape from ground, 0…255; undefined finds it. */
  readonly threshold?: number | undefined
  /** Whether the shape is darker than what it lies on. */
  readonly darkShape: boolean
  /** mm². Smaller spots are dust. */
  readonly leastMm2: number
}

export type TraceFault = 'no-sheet' | 'no-shape' | 'too-many-shapes'

export type Traced =
  | {
      readonly ok: true
      /** Closed lines, mm from the sheet's top left corner. */
      readonly lines: readonly (readonly number[])[]
      readonly threshold: number
      /** How far the lines may be off, mm: half a pixel, the corners as they were clicked, and the smoothing. */
      readonly accuracyMm: number
    }
  | { readonly ok: false; readonly fault: TraceFault }

/** mm. Lines are thinned out so that none strays farther than this. */
const SIMPLIFY_MM = 0.05
/** mm. What lies so near the picture's edge is its frame, not a shape. */
const FRAME_MM = 1.5
/** Pixels that a corner is clicked off by, usually. From memory. */
const CLICKED_PX = 1
const MOST_SHAPES = 400

/** Evens out a pixel's noise with its neighbours', twice over rows and columns (1 2 1). */
const evened = (values: Float32Array, width: number, height: number): Float32Array => {
  const half = new Float32Array(values.length)
  const out = new Float32Array(values.length)
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const at = y * width + x
      const [before, after] = [values[x > 0 ? at - 1 : at] as number, values[x < width - 1 ? at + 1 : at] as number]
      half[at] = (before + 2 * (values[at] as number) + after) / 4
    }
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const at = y * width + x
      const [over, under] = [half[y > 0 ? at - width : at] as number, half[y < height - 1 ? at + width : at] as number]
      out[at] = (over + 2 * (half[at] as number) + under) / 4
    }
  return out
}

const touchesFrame = (line: Polyline, widthMm: number, heightMm: number): boolean => {
  for (let at = 0; at < line.length; at += 2) {
    const [x, y] = [line[at] as number, line[at + 1] as number]
    if (x < FRAME_MM || y < FRAME_MM || x > widthMm - FRAME_MM || y > heightMm - FRAME_MM) return true
  }
  return false
}

/** A ring of pixels as a closed line in mm, thinned out. */
const lineOf = (ring: readonly (readonly number[])[], pixelsPerMm: number): number[] => {
  const points = ring.map(([x, y]) => ({ x: (x as number) / pixelsPerMm, y: (y as number) / pixelsPerMm }))
  const thinned = simplify(points, SIMPLIFY_MM, true)
  const line = thinned.flatMap(({ x, y }) => [Math.round(x * 1000) / 1000, Math.round(y * 1000) / 1000])
  const closed = line[0] === line[line.length - 2] && line[1] === line[line.length - 1]
  return closed ? line : [...line, line[0] as number, line[1] as number]
}

/**
 * Traces the shapes in a picture of what a die cut, or of the die itself: squared up, parted into light and dark, followed along the
 * edge between the two (marching squares), scaled and thinned out.
 */
export const traceScan = (picture: Picture, { scale, threshold, darkShape, leastMm2 }: TraceWish): Traced => {
  const square = squareUp(picture, scale)
  if (!square) return { ok: false, fault: 'no-sheet' }
  const { width, height, pixelsPerMm } = square
  const brightness = evened(brightnessOf(square), width, height)
  const level = threshold ?? thresholdOf(brightness)
  // The contour runs round what is above the level, so a dark shape is turned light.
  const values = Array.from(brightness, (value) => (darkShape ? -value : value))
  const [found] = contours()
    .size([width, height])
    .thresholds([darkShape ? -level : level])(values)
  const rings = (found?.coordinates ?? []).flat()
  const lines = rings
    .map((ring) => lineOf(ring as number[][], pixelsPerMm))
    .filter((line) => line.length >= 8 && Math.abs(signedAreaOf(line)) >= leastMm2)
    .filter((line) => !touchesFrame(line, width / pixelsPerMm, height / pixelsPerMm))
  if (lines.length === 0) return { ok: false, fault: 'no-shape' }
  if (lines.length > MOST_SHAPES) return { ok: false, fault: 'too-many-shapes' }
  const accuracyMm = Math.hypot(0.5 / pixelsPerMm, CLICKED_PX / pixelsPerMm, SIMPLIFY_MM)
  return { ok: true, lines, threshold: level, accuracyMm }
}
