import { closed, roundedRectangle, type Lines } from './draw.js'

/** One breaking wave, closed along its foot. */
export const tideCrest = (): Lines => {
  const points = Array.from({ length: 61 }, (_, step) => {
    const along = step / 60
    const crest = 16 * Math.sin(Math.PI * along) + 6 * Math.sin(3 * Math.PI * along)
    return [70 * along, 26 - crest] as const
  })
  return [closed([...points, [70, 34], [0, 34]])]
}

/** An anchor in one outline: ring, shank, stock and flukes. */
export const anchorShape = (): Lines => {
  const half: readonly (readonly [number, number])[] = [
    [0, 0],
    [5, 2],
    [6, 7],
    [3, 11],
    [3, 15],
    [12, 15],
    [12, 19],
    [3, 19],
    [3, 40],
    [11, 36],
    [9, 31],
    [19, 29],
    [18, 40],
    [15, 38],
    [8, 46],
    [0, 49],
  ]
  return [closed([...half, ...[...half].reverse().map(([x, y]) => [-x, y] as const)])]
}

/** A leaf of waves, as a folder shows them; its frame is the folder's own edge. */
export const tideFolder = (): Lines => [
  roundedRectangle(0, 0, 140, 105, 4),
  ...Array.from({ length: 7 }, (_, row) =>
    Array.from({ length: 61 }, (__, step) => [
      8 + (124 * step) / 60,
      15 + 12.5 * row + 3 * Math.sin((8 * Math.PI * step) / 60),
    ]).flat(),
  ),
]

/** Three pennants that a folder cuts. */
export const pennantFolder = (): Lines =>
  [0, 1, 2].map((at) =>
    closed([
      [10, 8 + 30 * at],
      [80, 20 + 30 * at],
      [10, 32 + 30 * at],
    ]),
  )
