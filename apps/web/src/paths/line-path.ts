import type { Polyline } from '@bold-heron/core'

/** Micrometres are enough for a drawing. */
const number = (mm: number): string => mm.toFixed(3)

/** A polyline as path data, open as it stands; a closed one ends on its first point. */
export const pathOf = (line: Polyline): string => {
  let d = ''
  for (let at = 0; at + 1 < line.length; at += 2)
    d += `${at === 0 ? 'M' : 'L'}${number(line[at] as number)} ${number(line[at + 1] as number)}`
  return d
}

/** Polylines as the data of one path. */
export const pathOfAll = (lines: readonly Polyline[]): string => lines.map(pathOf).join('')
