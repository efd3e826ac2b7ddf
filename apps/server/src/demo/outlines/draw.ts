import { circleAt, contains } from '@bold-heron/core'

/** Cutting lines drawn by code; mm, x along the feed, y across. */
export type Lines = number[][]

/** mm. How closely round shapes are drawn. */
const TOLERANCE_MM = 0.03

export const round = (lines: Lines): Lines => lines.map((line) => line.map((value) => Math.round(value * 1000) / 1000))
export const closed = (points: readonly (readonly [number, number])[]): number[] => {
  const line = points.flatMap(([x, y]) => [x, y])
  return [...line, line[0] as number, line[1] as number]
}
export const circle = (x: number, y: number, r: number): number[] => circleAt(x, y, r, TOLERANCE_MM)

export const roundedRectangle = (x: number, y: number, length: number, width: number, corner: number): number[] => {
  const points: (readonly [number, number])[] = []
  const centres = [
    [x + length - corner, y + width - corner],
    [x + corner, y + width - corner],
    [x + corner, y + corner],
    [x + length - corner, y + corner],
  ] as const
  centres.forEach(([cx, cy], quarter) => {
    for (let step = 0; step <= 8; step++) {
      const angle = ((quarter + step / 8) * Math.PI) / 2
      points.push([cx + corner * Math.cos(angle), cy + corner * Math.sin(angle)])
    }
  })
  return closed(points)
}

/** A closed shape given by its radius at each angle. */
export const polar = (cx: number, cy: number, radiusAt: (angle: number) => number, steps = 240): number[] =>
  closed(
    Array.from({ length: steps }, (_, step) => {
      const angle = (2 * Math.PI * step) / steps
      return [cx + radiusAt(angle) * Math.cos(angle), cy + radiusAt(angle) * Math.sin(angle)] as const
    }),
  )

export const diamond = (x: number, y: number, halfLength: number, halfWidth: number): number[] =>
  closed([
    [x + halfLength, y],
    [x, y + halfWidth],
    [x - halfLength, y],
    [x, y - halfWidth],
  ])

/** Openings on a lattice, those wholly inside a shape and clear of its edge. */
export const lattice = (
  inside: number[],
  pitch: number,
  opening: (x: number, y: number) => number[],
  box: readonly [number, number],
  clear = 1.6,
): Lines => {
  const openings: Lines = []
  for (let row = 0; row * pitch * 0.5 < box[1]; row++)
    for (let column = 0; column * pitch < box[0]; column++) {
      const x = column * pitch + (row % 2 === 0 ? pitch / 2 : pitch)
      const y = (row + 1) * pitch * 0.5
      const shape = opening(x, y)
      let fits = true
      for (let at = 0; at < shape.length; at += 2) {
        const px = shape[at] as number
        const py = shape[at + 1] as number
        for (const [dx, dy] of [
          [clear, 0],
          [-clear, 0],
          [0, clear],
          [0, -clear],
        ] as const)
          fits &&= contains(inside, px + dx, py + dy)
      }
      if (fits) openings.push(shape)
    }
  return openings
}
