import { resolve } from 'node:path'
import type { Polyline } from '@bold-heron/core'
import { readDrawing } from '@bold-heron/formats'
import { sayDrawingFault } from '@bold-heron/words'
import { Faults, type SaidFault } from './faults.js'
import { readText } from './read-file.js'

/** A die in a file: its drawing itself, the file it stands in, or neither. */
interface DrawnDie {
  readonly svg?: string | undefined
  readonly file?: string | undefined
}

const linesOf = ({ svg, file }: DrawnDie, at: number, folder: string): readonly Polyline[] | undefined => {
  if (svg === undefined && file === undefined) return undefined
  const read =
    svg === undefined
      ? readDrawing(file as string, readText(resolve(folder, file as string)))
      : readDrawing('inline.svg', svg)
  if (read.ok) return read.value.lines
  const name = svg === undefined ? `dies.${at}.file` : `dies.${at}.svg`
  throw new Faults([(t) => sayDrawingFault(t, name, read.fault)])
}

/** The lines of each die's drawing, undefined where it has none, and what is wrong with those that cannot be read. */
export const linesOfDies = (
  dies: readonly DrawnDie[],
  folder: string,
): { readonly lines: (readonly Polyline[] | undefined)[]; readonly faults: SaidFault[] } => {
  const faults: SaidFault[] = []
  const lines = dies.map((die, at) => {
    try {
      return linesOf(die, at, folder)
    } catch (error) {
      if (!(error instanceof Faults)) throw error
      faults.push(...error.all)
      return undefined
    }
  })
  return { lines, faults }
}
