import { contains, randomNormal, seededRandom, signedAreaOf } from '@bold-heron/core'
import { describe, expect, it } from 'vitest'
import { mapped, ontoCorners, type Pixel } from './homography.js'
import { type Picture, thresholdOf } from './picture.js'
import { traceScan } from './trace.js'

/** A five-pointed shape with a hole, mm on a sheet of 100 × 80. */
const star = (() => {
  const line: number[] = []
  for (let at = 0; at < 10; at++) {
    const radius = at % 2 === 0 ? 30 : 18
    line.push(50 + radius * Math.cos((at * Math.PI) / 5), 40 + radius * Math.sin((at * Math.PI) / 5))
  }
  return [...line, line[0]!, line[1]!]
})()
const hole = (() => {
  const line: number[] = []
  for (let at = 0; at <= 72; at++)
    line.push(50 + 7 * Math.cos((at * Math.PI) / 36), 40 + 7 * Math.sin((at * Math.PI) / 36))
  return line
})()

/** A photo of the sheet: a projective view on a table, with shade across it and noise, four samples a pixel. */
const photoOf = (corners: readonly [Pixel, Pixel, Pixel, Pixel], width: number, height: number): Picture => {
  const random = seededRandom(7)
  const back = ontoCorners(100, 80, corners)!
  // The inverse map by solving the two equations for x and y.
  const inverse = (u: number, v: number): Pixel => {
    const [a, b, c, d, e, f, g, h] = back
    const [p, q, r, s] = [a - g * u, b - h * u, d - g * v, e - h * v]
    const det = p * s - q * r
    return { x: ((u - c) * s - q * (v - f)) / det, y: (p * (v - f) - (u - c) * r) / det }
  }
  const rgba = new Uint8ClampedArray(4 * width * height)
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      let value = 0
      for (const [dx, dy] of [
        [0.25, 0.25],
        [0.75, 0.25],
        [0.25, 0.75],
        [0.75, 0.75],
      ] as const) {
        const at = inverse(x + dx, y + dy)
        const onSheet = at.x >= 0 && at.y >= 0 && at.x <= 100 && at.y <= 80
        const inShape = contains(star, at.x, at.y) && !contains(hole, at.x, at.y)
        value += (!onSheet ? 90 : inShape ? 45 : 235 - 0.3 * at.x) / 4
      }
      const noisy = value + 6 * randomNormal(random)
      rgba.set([noisy, noisy, noisy, 255], 4 * (y * width + x))
    }
  return { width, height, rgba }
}

const distanceToLine = (line: readonly number[], x: number, y: number): number => {
  let least = Infinity
  for (let at = 2; at < line.length; at += 2) {
    const [ax, ay, bx, by] = [line[at - 2]!, line[at - 1]!, line[at]!, line[at + 1]!]
    const square = (bx - ax) ** 2 + (by - ay) ** 2
    const t = square === 0 ? 0 : Math.min(1, Math.max(0, ((x - ax) * (bx - ax) + (y - ay) * (by - ay)) / square))
    least = Math.min(least, Math.hypot(x - ax - t * (bx - ax), y - ay - t * (by - ay)))
  }
  return least
}

/** The farthest that points along one line are from another, mm. */
const strays = (line: readonly number[], from: readonly number[]): number => {
  let worst = 0
  for (let at = 2; at < line.length; at += 2)
    for (let t = 0; t <= 1; t += 0.1)
      worst = Math.max(
        worst,
        distanceToLine(
          from,
          line[at - 2]! + t * (line[at]! - line[at - 2]!),
          line[at - 1]! + t * (line[at + 1]! - line[at - 1]!),
        ),
      )
  return worst
}

describe('tracing', () => {
  const flat: readonly [Pixel, Pixel, Pixel, Pixel] = [
    { x: 20, y: 20 },
    { x: 620, y: 20 },
    { x: 620, y: 500 },
    { x: 20, y: 500 },
  ]
  const slanted: readonly [Pixel, Pixel, Pixel, Pixel] = [
    { x: 90, y: 60 },
    { x: 590, y: 35 },
    { x: 630, y: 480 },
    { x: 30, y: 450 },
  ]

  it.each([
    ['a flat scan', flat],
    ['a photo from the side', slanted],
  ])('finds the shape of %s within 0.3 mm of the true outline, there and back', (_, corners) => {
    const picture = photoOf(corners, 660, 520)
    const traced = traceScan(picture, {
      scale: { by: 'sheet', corners, widthMm: 100, heightMm: 80 },
      darkShape: true,
      leastMm2: 10,
    })
    if (!traced.ok) throw new Error(traced.fault)
    expect(traced.lines).toHaveLength(2)
    const [outer, inner] = [...traced.lines].sort((a, b) => Math.abs(signedAreaOf(b)) - Math.abs(signedAreaOf(a)))
    expect(strays(outer!, star)).toBeLessThan(0.3)
    expect(strays(inner!, hole)).toBeLessThan(0.3)
    // Corners are rounded by the smoothing, within the same bound.
    expect(strays(star, outer!)).toBeLessThan(0.3)
    expect(strays(hole, inner!)).toBeLessThan(0.3)
    expect(traced.accuracyMm).toBeLessThan(0.3)
  })

  it('takes its scale from a ruler too, where the picture is square on', () => {
    const picture = photoOf(flat, 660, 520)
    const traced = traceScan(picture, {
      scale: { by: 'ruler', ends: [flat[0], flat[1]], lengthMm: 100 },
      darkShape: true,
      leastMm2: 10,
      threshold: 70,
    })
    if (!traced.ok) throw new Error(traced.fault)
    const area = Math.max(...traced.lines.map((line) => Math.abs(signedAreaOf(line))))
    expect(area / Math.abs(signedAreaOf(star))).toBeCloseTo(1, 1)
  })

  it('says when the corners make no sheet, and when there is no shape', () => {
    const picture = photoOf(flat, 660, 520)
    const line: readonly [Pixel, Pixel, Pixel, Pixel] = [
      { x: 0, y: 0 },
      { x: 10, y: 10 },
      { x: 20, y: 20 },
      { x: 30, y: 30 },
    ]
    const wish = { darkShape: true, leastMm2: 10 } as const
    expect(traceScan(picture, { ...wish, scale: { by: 'sheet', corners: line, widthMm: 100, heightMm: 80 } })).toEqual({
      ok: false,
      fault: 'no-sheet',
    })
    const blank = { width: 50, height: 50, rgba: new Uint8ClampedArray(10_000).fill(255) }
    expect(traceScan(blank, { ...wish, scale: { by: 'ruler', ends: [line[0], line[3]], lengthMm: 10 } })).toEqual({
      ok: false,
      fault: 'no-shape',
    })
  })
})

it('a projective map takes each corner of the rectangle to its own', () => {
  const corners: readonly [Pixel, Pixel, Pixel, Pixel] = [
    { x: 90, y: 60 },
    { x: 590, y: 35 },
    { x: 630, y: 480 },
    { x: 30, y: 450 },
  ]
  const map = ontoCorners(210, 148, corners)!
  ;(
    [
      [0, 0],
      [210, 0],
      [210, 148],
      [0, 148],
    ] as const
  ).forEach(([x, y], at) => {
    const met = mapped(map, x, y)
    expect(met.x).toBeCloseTo(corners[at]!.x, 6)
    expect(met.y).toBeCloseTo(corners[at]!.y, 6)
  })
})

it('the threshold parts two heaps of brightness between them', () => {
  const values = Float32Array.from({ length: 1000 }, (_, at) => (at % 3 === 0 ? 40 + (at % 7) : 220 - (at % 11)))
  expect(thresholdOf(values)).toBeGreaterThan(46)
  expect(thresholdOf(values)).toBeLessThan(210)
})
