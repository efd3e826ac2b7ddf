import { circle, closed, diamond, lattice, polar, round, roundedRectangle, type Lines } from './outlines/draw.js'
import { anchorShape, pennantFolder, tideCrest, tideFolder } from './outlines/forming.js'
import { letterK, letterI, letterT, letterE } from './outlines/letters.js'

/** A sail: one straight mast, a belly, and a foot that sags. */
const sail = (length: number, width: number): number[] => {
  const points: (readonly [number, number])[] = []
  for (let step = 0; step <= 40; step++) {
    const t = step / 40
    points.push([length * t, width * (1 - t ** 1.9)])
  }
  for (let step = 1; step <= 30; step++) {
    const t = step / 30
    points.push([length * (1 - t), 2 * Math.sin(Math.PI * t)])
  }
  return closed(points)
}

const boxKite = (): Lines => [
  closed([
    [48, 0],
    [96, 22],
    [96, 52],
    [48, 74],
    [0, 52],
    [0, 22],
  ]),
  closed([
    [48, 8],
    [84, 25],
    [48, 37],
    [12, 25],
  ]),
  closed([
    [48, 66],
    [84, 49],
    [48, 37.8],
    [12, 49],
  ]),
]

const sailLace = (): Lines => {
  const outer = sail(100, 100)
  return [outer, ...lattice(outer, 8.4, (x, y) => diamond(x, y, 3.1, 1.55), [100, 100], 1.2)]
}

/** A rope of 15 twists of 10 mm, open at both ends: both edges run off the strip. */
const ropeBorder = (): Lines => {
  const edge = (sign: number, y: number): number[] =>
    Array.from({ length: 301 }, (_, at) => [at / 2, y + sign * 2.2 * Math.abs(Math.sin((at * Math.PI) / 20))]).flat()
  const twists: Lines = Array.from({ length: 15 }, (_, at) => [at * 10 + 2, 6.5, at * 10 + 8, 11.5])
  return [edge(1, 13.8), edge(-1, 4.2), ...twists]
}

const portholes = (): Lines => [
  circle(31, 31, 31),
  circle(31, 31, 24),
  ...[0, 1, 2, 3, 4, 5, 6, 7].map((bolt) => {
    const angle = (bolt * Math.PI) / 4 + Math.PI / 8
    return circle(31 + 27.5 * Math.cos(angle), 31 + 27.5 * Math.sin(angle), 1.6)
  }),
]

const gull = (x: number, y: number, size: number): number[] => {
  const wing = (from: number, to: number, bend: number, back: boolean): (readonly [number, number])[] =>
    Array.from({ length: 13 }, (_, step) => {
      const t = back ? 1 - step / 12 : step / 12
      return [x + size * (from + (to - from) * t), y + size * bend * Math.sin(Math.PI * t) * -1] as const
    })
  return closed([
    ...wing(-1, 0, 0.42, false),
    ...wing(0, 1, 0.42, false),
    ...wing(0, 1, 0.18, true),
    ...wing(-1, 0, 0.18, true),
  ])
}

const gulls = (): Lines => [gull(20, 14, 19), gull(56, 22, 21), gull(30, 46, 17)]

/** A figure 7 and a figure 4 as stencil shapes, and a 2 of straight strokes. */
const numerals = (): Lines => [
  closed([
    [0, 0],
    [20, 0],
    [20, 6],
    [10, 42],
    [3, 42],
    [12, 7],
    [0, 7],
  ]),
  closed([
    [38, 0],
    [45, 0],
    [45, 24],
    [48, 24],
    [48, 31],
    [45, 31],
    [45, 42],
    [38, 42],
    [38, 31],
    [25, 31],
    [25, 25],
  ]),
  closed([
    [38, 11],
    [38, 24],
    [30.5, 24],
  ]),
  closed([
    [52, 0],
    [70, 0],
    [70, 22],
    [60, 34],
    [70, 34],
    [70, 42],
    [52, 42],
    [52, 34],
    [62, 20],
    [62, 8],
    [52, 8],
  ]),
]

/** Waves of 24 mm with a curl on each, open at both ends; six and a bit of them. */
const tideEdge = (): Lines => {
  const pitch = 24
  const crest = Array.from({ length: 301 }, (_, at) => {
    const x = at / 2
    return [x, 9 - 5 * Math.sin((2 * Math.PI * x) / pitch) - 1.5 * Math.sin((4 * Math.PI * x) / pitch)]
  }).flat()
  const curls: Lines = Array.from({ length: 6 }, (_, at) => circle(at * pitch + 5.5, 13, 1.8))
  return [crest, ...curls]
}

/** A net of diamonds, a row of cells that repeat each 12 mm. */
const netCells = (): Lines => Array.from({ length: 12 }, (_, at) => diamond(6 + at * 12, 5, 5, 4))

/** Half a kite with its tail, open along the spine at its left side, where the fold comes; a star is cut in its sail. */
const halfKite = (): Lines => [
  [0, 0, 24, 26, 3, 66, 3, 72, 9, 76, 3, 80, 3, 86, 9, 90, 3, 94, 0, 94],
  closed([
    [6, 24],
    [9, 30],
    [15, 31],
    [9, 34],
    [6, 44],
    [5, 34],
  ]),
]

const compassLace = (): Lines => {
  const lines: Lines = [polar(41, 41, (angle) => 34 + 7 * Math.abs(Math.cos(4 * angle)) ** 3)]
  for (let ray = 0; ray < 16; ray++) {
    const angle = (ray * Math.PI) / 8
    const [cos, sin] = [Math.cos(angle), Math.sin(angle)]
    const at = (along: number, across: number) =>
      [41 + along * cos - across * sin, 41 + along * sin + across * cos] as const
    lines.push(closed([at(12, 0), at(18, 1.9), at(31, 0), at(18, -1.9)]))
    lines.push(circle(...at(9, 0), 1.1))
  }
  for (let dot = 0; dot < 16; dot++) {
    const angle = (dot * Math.PI) / 8 + Math.PI / 16
    lines.push(circle(41 + 28.5 * Math.cos(angle), 41 + 28.5 * Math.sin(angle), 1.7))
    lines.push(circle(41 + 21 * Math.cos(angle), 41 + 21 * Math.sin(angle), 1.4))
  }
  return [...lines, circle(41, 41, 5)]
}

const tailLace = (): Lines => {
  const outer = closed([
    ...Array.from({ length: 141 }, (_, x) => [x, 22 + 6 * Math.sin((x * Math.PI) / 20)] as const),
    ...Array.from({ length: 141 }, (_, x) => [140 - x, 6 + 6 * Math.sin(((140 - x) * Math.PI) / 20)] as const),
  ])
  return [outer, ...lattice(outer, 7, (x, y) => circle(x, y, 1.5), [140, 28], 1)]
}

const coverFrame = (): Lines => [roundedRectangle(0, 0, 200, 140, 12), roundedRectangle(10, 10, 180, 120, 8)]

const lanternFrame = (): Lines => [
  roundedRectangle(0, 0, 128, 90, 6),
  ...[0, 1, 2].flatMap((column) => [0, 1].map((row) => roundedRectangle(8 + column * 38.5, 8 + row * 38, 35, 36, 3))),
]

const tagBlock = (): Lines => [
  closed([
    [0, 30],
    [18, 0],
    [92, 0],
    [92, 60],
    [18, 60],
  ]),
  circle(17, 30, 3.2),
  closed([
    [46, 14],
    [52, 14],
    [52, 38],
    [66, 34],
    [52, 48],
    [46, 48],
    [32, 34],
    [46, 38],
  ]),
]

const pennantBlock = (): Lines =>
  [0, 1, 2, 3].map((flag) =>
    closed([
      [flag * 28, 0],
      [flag * 28 + 26, 0],
      [flag * 28 + 13, 70],
    ]),
  )

const buoyBlock = (): Lines => [
  closed([
    [0, 26],
    [30, 30],
    [62, 8],
    [92, 0],
    [130, 0],
    [130, 104],
    [92, 104],
    [62, 96],
    [30, 74],
    [0, 78],
  ]),
  circle(100, 52, 16),
]

const harbourWindow = (): Lines => [roundedRectangle(0, 0, 72, 92, 8)]

/** A light on its rock, with a door and a lamp room left open. */
const lighthouse = (): Lines => [
  closed([
    [14, 14],
    [16, 4],
    [22, 0],
    [28, 4],
    [30, 14],
    [33, 50],
    [44, 56],
    [44, 62],
    [0, 62],
    [0, 56],
    [11, 50],
  ]),
  roundedRectangle(19, 6, 6, 6, 1.5),
  roundedRectangle(18, 30, 8, 12, 3),
]

/** The outline of each of the demo's invented dies. */
export const demoOutlines = {
  boxKite: round(boxKite()),
  sailLace: round(sailLace()),
  ropeBorder: round(ropeBorder()),
  portholes: round(portholes()),
  gulls: round(gulls()),
  numerals: round(numerals()),
  tideEdge: round(tideEdge()),
  netCells: round(netCells()),
  halfKite: round(halfKite()),
  compassLace: round(compassLace()),
  tailLace: round(tailLace()),
  coverFrame: round(coverFrame()),
  lanternFrame: round(lanternFrame()),
  tagBlock: round(tagBlock()),
  pennantBlock: round(pennantBlock()),
  buoyBlock: round(buoyBlock()),
  letterK: round(letterK()),
  letterI: round(letterI()),
  letterT: round(letterT()),
  letterE: round(letterE()),
  harbourWindow: round(harbourWindow()),
  lighthouse: round(lighthouse()),
  tideCrest: round(tideCrest()),
  anchorShape: round(anchorShape()),
  tideFolder: round(tideFolder()),
  pennantFolder: round(pennantFolder()),
}
