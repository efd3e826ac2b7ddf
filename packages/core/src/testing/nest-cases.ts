import type { NestWanted, PieceTurns } from '../nesting/nest.js'
import { type RandomSource, randomItem } from '../numerics/random.js'

type Points = readonly (readonly [number, number])[]

const ring = (points: Points): number[] => [...points, points[0] as (typeof points)[number]].flat()

/** Points round a middle, each at an angle of its own and as far as `radius` says. */
const round = (count: number, radius: (turn: number, at: number) => number): number[] =>
  ring(
    Array.from({ length: count }, (_, at) => {
      const turn = (2 * Math.PI * at) / count
      const r = radius(turn, at)
      return [r * Math.cos(turn), r * Math.sin(turn)] as const
    }),
  )

/** A crescent between two arcs. */
const crescent = (size: number): number[] => {
  const arc = (from: number, to: number, r: number, x: number) =>
    Array.from({ length: 25 }, (_, at) => {
      const turn = from + ((to - from) * at) / 24
      return [x + r * Math.cos(turn), r * Math.sin(turn)] as const
    })
  return ring([...arc(0.6, 2 * Math.PI - 0.6, size, 0), ...arc(2 * Math.PI - 1.05, 1.05, size * 0.66, size * 0.5)])
}

/** Outlines as dies have them: what their boxes waste differs. */
export const nestOutlines: Readonly<Record<string, (size: number) => number[]>> = {
  star: (size) => round(10, (_, at) => (at % 2 === 0 ? size : 0.42 * size)),
  heart: (size) =>
    ring(
      Array.from({ length: 48 }, (_, at) => {
        const t = (2 * Math.PI * at) / 48
        const y = 13 * Math.cos(t) - 5 * Math.cos(2 * t) - 2 * Math.cos(3 * t) - Math.cos(4 * t)
        return [(size / 17) * 16 * Math.sin(t) ** 3, (-size / 17) * y] as const
      }),
    ),
  flower: (size) => round(60, (turn) => size * (0.75 + 0.25 * Math.cos(5 * turn))),
  leaf: (size) => round(40, (turn) => size * (0.32 + 0.68 * Math.abs(Math.cos(turn)) ** 1.6)),
  crescent,
  gull: (size) =>
    ring([
      ...Array.from(
        { length: 13 },
        (_, at) => [size * (at / 6 - 1), -0.4 * size * Math.abs(Math.sin((Math.PI * at) / 6))] as const,
      ),
      ...Array.from(
        { length: 11 },
        (_, at) =>
          [
            size * (0.95 - 0.19 * at),
            0.25 * size - 0.4 * size * Math.abs(Math.sin(Math.PI * (1 - at / 10) * 2)),
          ] as const,
      ),
    ]),
  bracket: (size) =>
    ring([
      [0, 0],
      [2 * size, 0],
      [2 * size, 0.5 * size],
      [0.5 * size, 0.5 * size],
      [0.5 * size, 1.6 * size],
      [0, 1.6 * size],
    ]),
  triangle: (size) =>
    ring([
      [0, 0],
      [2 * size, 0.2 * size],
      [0.7 * size, 1.5 * size],
    ]),
}

/** A torn offcut: a rough outline round a middle, at times with a corner gone and a hole. */
export const tornOffcut = (random: RandomSource): NestWanted['sheet'] => {
  const [wide, high] = [70 + 90 * random(), 60 + 70 * random()]
  const waves = Array.from({ length: 4 }, () => [0.1 * random(), 2 * Math.PI * random()] as const)
  const outline = round(90, (turn, at) => {
    // Between an ellipse and a rectangle, torn by slow waves and by fibres.
    const box = 1 / Math.max(Math.abs(Math.cos(turn)) / wide, Math.abs(Math.sin(turn)) / high)
    const oval = 1 / Math.hypot(Math.cos(turn) / wide, Math.sin(turn) / high)
    const torn = waves.reduce((sum, [much, phase], wave) => sum + much * Math.sin((wave + 1) * turn + phase), 0)
    return (0.5 * box + 0.5 * oval) * (1 - 0.15 + torn) + (at % 2 === 0 ? 0.6 : -0.6) * random()
  })
  const holes =
    random() < 0.4
      ? [round(24, () => 8 + 10 * random()).map((value, at) => value + (at % 2 === 0 ? 0.3 * wide : -0.2 * high))]
      : []
  return { outline, holes }
}

/** An unlimited supply of one outline for a torn offcut. */
export const nestCase = (random: RandomSource, seed: number): NestWanted & { readonly name: string } => {
  const names = Object.keys(nestOutlines)
  const name = randomItem(random, names)
  const outline = (nestOutlines[name] as (size: number) => number[])(9 + 14 * random())
  const turns = randomItem(random, ['any', 'any', 'half'] as const) as PieceTurns
  return {
    name,
    sheet: tornOffcut(random),
    pieces: [{ outline, count: 1000, turns }],
    gapMm: 2,
    edgeMm: 2,
    seed,
  }
}
