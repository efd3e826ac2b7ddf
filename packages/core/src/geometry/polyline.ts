/** A chain of straight pieces as flat numbers: x0, y0, x1, y1, … Closed chains repeat their first point at the end. */
export type Polyline = readonly number[] | Float64Array

/** Length of a polyline, in the unit of its points. */
export const lengthOf = (line: Polyline): number => {
  let length = 0
  for (let at = 2; at + 1 < line.length; at += 2)
    length += Math.hypot(
      (line[at] as number) - (line[at - 2] as number),
      (line[at + 1] as number) - (line[at - 1] as number),
    )
  return length
}

/** Whether a polyline ends where it began. */
export const isClosed = (line: Polyline): boolean =>
  line.length >= 8 && line[0] === line[line.length - 2] && line[1] === line[line.length - 1]

/** A loop that comes back to its start, whether or not it was given so. */
export const closedLoop = (loop: Polyline): number[] =>
  isClosed(loop) ? [...loop] : [...loop, loop[0] as number, loop[1] as number]

/** Area inside a closed polyline, positive where it runs counter-clockwise (x to the right, y up). Shoelace formula. */
export const signedAreaOf = (line: Polyline): number => {
  let twice = 0
  for (let at = 2; at + 1 < line.length; at += 2)
    twice += (line[at - 2] as number) * (line[at + 1] as number) - (line[at] as number) * (line[at - 1] as number)
  return twice / 2
}

/** A circle as a closed polyline, no piece of which strays from it by more than `tolerance`. */
export const circleAt = (x: number, y: number, radius: number, tolerance: number): number[] => {
  const half = Math.acos(Math.max(0, 1 - tolerance / radius))
  const pieces = Math.max(8, Math.ceil(Math.PI / half))
  const line: number[] = []
  for (let piece = 0; piece < pieces; piece++) {
    const angle = (2 * Math.PI * piece) / pieces
    line.push(x + radius * Math.cos(angle), y + radius * Math.sin(angle))
  }
  line.push(line[0] as number, line[1] as number)
  return line
}
