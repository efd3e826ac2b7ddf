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
 * A value between points of a curve that rises from nothing, as a force does with what is squeezed: a cubic in logarithms, in which powers
 * are straight, and beyond the points as the nearest two go on. A straight line where one of the points beside it is nothing yet.
 * `xs` ascending.
 */
export const powerBetween = (xs: readonly number[], ys: readonly number[], x: number): number => {
  if (x <= 0 || xs.length === 0) return 0
  const above = xs.findIndex((each) => each >= x)
  const from = ys.findIndex((y, at) => y > 0 && (xs[at] as number) > 0)
  if (from === -1) return 0
  if (xs[above] === x) return ys[above] as number
  if (above !== -1 && above < from) return 0
  // Still rising from nothing: the curve begins somewhere between two looks.
  if (above !== -1 && above === from && above > 0) {
    const [low, high] = [xs[above - 1] as number, xs[above] as number]
    return ((ys[above] as number) * (x - low)) / (high - low)
  }
  const points = xs.slice(from).map((each, at): Point => [each, ys[from + at] as number])
  const [first, second] = points as [Point, Point?]
  if (second === undefined) return first[1] * (x / first[0])
  const last = points.length - 1
  const place = above === -1 ? last + 1 : above - from
  if (place <= 0) return first[1] * (x / first[0]) ** exponentOf(first, second)
  if (place > last) {
    const [beforeEnd, end] = [points[last - 1] as Point, points[last] as Point]
    return end[1] * (x / end[0]) ** exponentOf(beforeEnd, end)
  }
  const stretch = (at: number): { readonly slope: number; readonly length: number } => {
    const [one, other] = [points[at] as Point, points[at + 1] as Point]
    return { slope: exponentOf(one, other), length: Math.log(other[0] / one[0]) }
  }
  const slopeAt = (at: number): number => {
    if (at === 0) return stretch(0).slope
    if (at === last) return stretch(last - 1).slope
    const [before, after] = [stretch(at - 1), stretch(at)]
    return slopeBetween(before.slope, after.slope, before.length, after.length)
  }
  const [low, high] = [points[place - 1] as Point, points[place] as Point]
  const length = Math.log(high[0] / low[0])
  const t = Math.log(x / low[0]) / length
  const [m0, m1] = [slopeAt(place - 1) * length, slopeAt(place) * length]
  const log =
    (2 * t ** 3 - 3 * t ** 2 + 1) * Math.log(low[1]) +
    (t ** 3 - 2 * t ** 2 + t) * m0 +
    (3 * t ** 2 - 2 * t ** 3) * Math.log(high[1]) +
    (t ** 3 - t ** 2) * m1
  return Math.exp(log)
}
