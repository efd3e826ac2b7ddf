import { resolve } from 'node:path'
import type { Polyline } from '@bold-heron/core'
import { type Drawing, readDrawing } from '@bold-heron/formats'
import type { DrawnThing } from '@bold-heron/schema'
import { sayDrawingFault } from '@bold-heron/words'
import { Faults, type SaidFault } from './faults.js'
import { readText } from './read-file.js'

/** A drawing that is given as it is, or by its file's name as seen from a folder. */
export const drawingOf = async ({ path, svg, file }: DrawnThing, folder: string): Promise<Drawing> => {
  const read =
    svg === undefined
      ? await readDrawing(file as string, readText(resolve(folder, file as string), `${path}.file`))
      : await readDrawing('inline.svg', svg)
  if (read.ok) return read.value
  const name = svg === undefined ? `${path}.file` : `${path}.svg`
  throw new Faults([(t) => sayDrawingFault(t, name, read.fault)])
}

const isDrawn = ({ svg, file }: DrawnThing): boolean => svg !== undefined || file !== undefined

/** The lines of each drawing, undefined where there is none, and what is wrong with those that cannot be read. */
export const linesOfDrawings = async (
  things: readonly DrawnThing[],
  folder: string,
): Promise<{ readonly lines: (readonly Polyline[] | undefined)[]; readonly faults: SaidFault[] }> => {
  const faults: SaidFault[] = []
  const lines: (readonly Polyline[] | undefined)[] = []
  for (const thing of things)
    try {
      lines.push(isDrawn(thing) ? (await drawingOf(thing, folder)).lines : undefined)
    } catch (error) {
      if (!(error instanceof Faults)) throw error
      faults.push(...error.all)
      lines.push(undefined)
    }
  return { lines, faults }
}
