/** A point of a curve, both above 0. */
type Point = readonly [x: number, y: number]

/** The exponent of the power that goes through two points. */
const exponentOf = ([x0, y0]: Point, [x1, y1]: Point): number => Math.log(y1 / y0) / Math.log(x1 / x0)

/** The slope at a point between two stretches, by their slopes and lengths, so that nothing overshoots. Source: F. N. Fritsch and J. Butland (1984). */
const slopeBetween = (before: number, after: number, lengthBefore: number, lengthAfter: number): number => {
  if (before * after <= 0) return 0
  const [one, other] = [lengthBefore + 2 * lengthAfter, 2 * lengthBefore + lengthAfter]
  return (one + other) / (one / before + other / after)
}

/**
 * The curve through points of something that rises from nothing, as a force does with what is squeezed: between them a cubic in logarithms,
 * in which powers are straight, beyond them as the nearest two go on, and a straight line from where it was nothing yet. `xs` ascending.
 */
export const powerCurve = (xs: readonly number[], ys: readonly number[]): ((x: number) => number) => {
  const from = ys.findIndex((y, at) => y > 0 && (xs[at] as number) > 0)
  if (from === -1) return () => 0
  const points = xs.slice(from).map((each, at): Point => [each, ys[from + at] as number])
  const last = points.length - 1
  const [first, end] = [points[0] as Point, points[last] as Point]
  const stretches = points.slice(1).map((point, at) => ({
    slope: exponentOf(points[at] as Point, point),
    length: Math.log(point[0] / (points[at] as Point)[0]),
  }))
  const slopes = points.map((_, at): number => {
    const [before, after] = [stretches[at - 1], stretches[at]]
    if (before && after) return slopeBetween(before.slope, after.slope, before.length, after.length)
    // What a single point goes on as nobody knows: as much as it is squeezed.
    return (before ?? after)?.slope ?? 1
  })
  return (x) => {
    if (x <= 0) return 0
    const above = xs.findIndex((each) => each >= x)
    if (xs[above] === x) return ys[above] as number
    if (above === -1) return end[1] * (x / end[0]) ** (slopes[last] as number)
    if (above < from) return 0
    if (above === from) {
      if (above === 0) return first[1] * (x / first[0]) ** (slopes[0] as number)
      const low = xs[above - 1] as number
      return (first[1] * (x - low)) / (first[0] - low)
    }
    const at = above - from
    const [low, high] = [points[at - 1] as Point, points[at] as Point]
    const { length } = stretches[at - 1] as (typeof stretches)[number]
    const t = Math.log(x / low[0]) / length
    const [m0, m1] = [(slopes[at - 1] as number) * length, (slopes[at] as number) * length]
    const log =
      (2 * t ** 3 - 3 * t ** 2 + 1) * Math.log(low[1]) +
      (t ** 3 - 2 * t ** 2 + t) * m0 +
      (3 * t ** 2 - 2 * t ** 3) * Math.log(high[1]) +
      (t ** 3 - t ** 2) * m1
    return Math.exp(log)
  }
}
