import type { Polyline } from './polyline.js'

const distanceToPiece = (px: number, py: number, ax: number, ay: number, bx: number, by: number): number => {
  const dx = bx - ax
  const dy = by - ay
  const square = dx * dx + dy * dy
  const t = square === 0 ? 0 : Math.min(1, Math.max(0, ((px - ax) * dx + (py - ay) * dy) / square))
  return Math.sqrt((px - ax - t * dx) ** 2 + (py - ay - t * dy) ** 2)
}

/**
 * The least distance between any two different polylines, where it is below `within`; undefined where none come that near.
 * Every point is held against the pieces of other lines nearby, found through a grid of cells as large as `within`.
 */
export const leastClearance = (lines: readonly Polyline[], within: number): number | undefined => {
  const cells = new Map<number, number[]>()
  const cellOf = (value: number): number => Math.floor(value / within)
  // Pieces are entered as (line, at) pairs in every cell their box touches, a margin of `within` around it included.
  const keyOf = (x: number, y: number): number => x * 1_000_003 + y
  lines.forEach((line, index) => {
    for (let at = 2; at + 1 < line.length; at += 2) {
      const fromX = cellOf(Math.min(line[at - 2] as number, line[at] as number))
      const toX = cellOf(Math.max(line[at - 2] as number, line[at] as number))
      const fromY = cellOf(Math.min(line[at - 1] as number, line[at + 1] as number))
      const toY = cellOf(Math.max(line[at - 1] as number, line[at + 1] as number))
      for (let x = fromX; x <= toX; x++)
        for (let y = fromY; y <= toY; y++) {
          const key = keyOf(x, y)
          const entry = cells.get(key)
          if (entry) entry.push(index, at)
          else cells.set(key, [index, at])
        }
    }
  })
  let least = within
  lines.forEach((line, index) => {
    for (let point = 0; point + 1 < line.length; point += 2) {
      const px = line[point] as number
      const py = line[point + 1] as number
      for (let x = cellOf(px) - 1; x <= cellOf(px) + 1; x++)
        for (let y = cellOf(py) - 1; y <= cellOf(py) + 1; y++) {
          const entry = cells.get(keyOf(x, y))
          if (!entry) continue
          for (let pair = 0; pair < entry.length; pair += 2) {
            if (entry[pair] === index) continue
            const other = lines[entry[pair] as number] as Polyline
            const at = entry[pair + 1] as number
            const distance = distanceToPiece(
              px,
              py,
              other[at - 2] as number,
              other[at - 1] as number,
              other[at] as number,
              other[at + 1] as number,
            )
            if (distance < least) least = distance
          }
        }
    }
  })
  return least < within ? least : undefined
}
