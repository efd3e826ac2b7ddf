import { firstAtLeast } from '../numerics/first-at-least.js'

/** mm. What is a hair less than a blank still gives one. */
const HAIR_MM = 1e-6
/** Cuts that are tried in a direction: beyond, only the first and the last of them. */
const MOST_CUTS = 16
/** Blanks beyond which a middle that is cut round is worth no more than one in many. */
const FEW_BLANKS = 60
/** Rectangles that are asked for before what was found is taken. */
const MOST_ASKED = 100_000

/** How often a length goes into another. */
const times = (whole: number, part: number): number => Math.floor((whole + HAIR_MM) / part)

/** Lengths that blanks laid end to end can come to, up to a limit, either way round: a cut elsewhere gains nothing. */
const lengthsUpTo = (most: number, l: number, w: number): number[] => {
  const lengths = new Set<number>()
  for (let long = 0; long * l <= most + HAIR_MM; long++)
    for (let short = 0; long * l + short * w <= most + HAIR_MM; short++) lengths.add(long * l + short * w)
  lengths.delete(0)
  return [...lengths].sort((a, b) => a - b)
}

/** Some of the first so many of a list: all, or its first and its last. */
const few = (cuts: readonly number[], count: number): number[] =>
  count <= MOST_CUTS
    ? cuts.slice(0, count)
    : [...cuts.slice(0, MOST_CUTS / 2), ...cuts.slice(count - MOST_CUTS / 2, count)]

/** Cuts one rectangle after another into blanks that may be turned; what was found is known when it is asked for again. */
class Cutter {
  private readonly lengths: readonly number[]
  private readonly known = new Map<string, number>()
  private asked = 0

  constructor(
    mostMm: number,
    private readonly l: number,
    private readonly w: number,
  ) {
    this.lengths = lengthsUpTo(mostMm, l, w)
  }

  /** How many of the lengths are no more than one. */
  private upTo(mm: number): number {
    return firstAtLeast(this.lengths, mm + 2 * HAIR_MM)
  }

  /** The most of a rectangle, mm; `rounds`: how often a middle may yet be cut round. */
  of(longMm: number, wideMm: number, rounds: number): number {
    const { l, w, lengths } = this
    const [across, along] = [this.upTo(longMm), this.upTo(wideMm)]
    // What is left beyond lengths of blanks is waste: without it equal parts are met again.
    const [long, wide] = [lengths[across - 1] ?? 0, lengths[along - 1] ?? 0]
    const alike = Math.max(times(long, l) * times(wide, w), times(long, w) * times(wide, l))
    const most = Math.floor((long * wide + HAIR_MM) / (l * w))
    if (alike === 0 || alike === most || ++this.asked > MOST_ASKED) return alike
    const key = `${across} ${along} ${rounds}`
    const known = this.known.get(key)
    if (known !== undefined) return known
    this.known.set(key, alike)
    const [xs, ys] = [few(lengths, across - 1), few(lengths, along - 1)]
    let best = alike
    for (const x of xs)
      if (best < most) best = Math.max(best, this.of(x, wide, rounds) + this.of(long - x, wide, rounds))
    for (const y of ys)
      if (best < most) best = Math.max(best, this.of(long, y, rounds) + this.of(long, wide - y, rounds))
    if (rounds > 0 && most <= FEW_BLANKS)
      for (const parts of roundAMiddle(long, wide, xs, ys)) {
        if (best === most || this.asked > MOST_ASKED) break
        best = Math.max(
          best,
          parts.reduce((sum, [x, y]) => sum + this.of(x, y, rounds - 1), 0),
        )
      }
    this.known.set(key, best)
    return best
  }
}

/** Five parts of a rectangle, each as long and as wide: four round a middle, each along one side. */
function* roundAMiddle(
  long: number,
  wide: number,
  xs: readonly number[],
  ys: readonly number[],
): Generator<readonly (readonly [number, number])[]> {
  for (const [at, x1] of xs.entries())
    for (const x2 of xs.slice(at + 1))
      for (const [its, y1] of ys.entries())
        for (const y2 of ys.slice(its + 1))
          yield [
            [x1, y2],
            [long - x1, y1],
            [long - x2, wide - y1],
            [x2, wide - y2],
            [x2 - x1, y2 - y1],
          ]
}

/**
 * How many blanks a rectangle gives, mm: all turned alike where the grain or a pattern asks for it; where they may turn, cut in two again
 * and again, or into five round a middle, each part likewise. Source of the five: R. Morabito and S. Morales, "A simple and effective
 * recursive procedure for the manufacturer's pallet loading problem" (1998).
 */
export const blanksFrom = (
  [length, width]: readonly [number, number],
  [l, w]: readonly [number, number],
  mayTurn: boolean,
): number =>
  mayTurn ? new Cutter(Math.max(length, width), l, w).of(length, width, 1) : times(length, l) * times(width, w)
