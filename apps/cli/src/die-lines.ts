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

const linesOf = async (
  { svg, file }: DrawnDie,
  at: number,
  folder: string,
): Promise<readonly Polyline[] | undefined> => {
  if (svg === undefined && file === undefined) return undefined
  const read =
    svg === undefined
      ? await readDrawing(file as string, readText(resolve(folder, file as string)))
      : await readDrawing('inline.svg', svg)
  if (read.ok) return read.value.lines
  const name = svg === undefined ? `dies.${at}.file` : `dies.${at}.svg`
  throw new Faults([(t) => sayDrawingFault(t, name, read.fault)])
}

/** The lines of each die's drawing, undefined where it has none, and what is wrong with those that cannot be read. */
export const linesOfDies = async (
  dies: readonly DrawnDie[],
  folder: string,
): Promise<{ readonly lines: (readonly Polyline[] | undefined)[]; readonly faults: SaidFault[] }> => {
  const faults: SaidFault[] = []
  const lines: (readonly Polyline[] | undefined)[] = []
  for (const [at, die] of dies.entries())
    try {
      lines.push(await linesOf(die, at, folder))
    } catch (error) {
      if (!(error instanceof Faults)) throw error
      faults.push(...error.all)
      lines.push(undefined)
    }
  return { lines, faults }
}
