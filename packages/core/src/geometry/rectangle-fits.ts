/** Length and width, mm. */
type Size = readonly [number, number]

/** mm. What is a hair larger still fits. */
const HAIR_MM = 1e-6

const longFirst = ([one, other]: Size): Size => [Math.max(one, other), Math.min(one, other)]

/** Whether a rectangle fits into another one, turned any way. Source: W. B. Carver, solution of problem E 1225, Amer. Math. Monthly 64 (1957). */
export const rectangleFits = (inner: Size, outer: Size): boolean => {
  const [p, q] = longFirst(inner)
  const [a, b] = longFirst(outer)
  if (p <= a + HAIR_MM) return q <= b + HAIR_MM
  if (q > b) return false
  const reach = (2 * p * q * a + (p * p - q * q) * Math.sqrt(p * p + q * q - a * a)) / (p * p + q * q)
  return b >= reach - HAIR_MM
}
