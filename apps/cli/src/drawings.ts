import { resolve } from 'node:path'
import type { Polyline } from '@bold-heron/core'
import { readDrawing } from '@bold-heron/formats'
import type { DrawnThing } from '@bold-heron/schema'
import { sayDrawingFault } from '@bold-heron/words'
import { Faults, type SaidFault } from './faults.js'
import { readText } from './read-file.js'

const linesOf = async ({ path, svg, file }: DrawnThing, folder: string): Promise<readonly Polyline[] | undefined> => {
  if (svg === undefined && file === undefined) return undefined
  const read =
    svg === undefined
      ? await readDrawing(file as string, readText(resolve(folder, file as string), `${path}.file`))
      : await readDrawing('inline.svg', svg)
  if (read.ok) return read.value.lines
  const name = svg === undefined ? `${path}.file` : `${path}.svg`
  throw new Faults([(t) => sayDrawingFault(t, name, read.fault)])
}

/** The lines of each drawing, undefined where there is none, and what is wrong with those that cannot be read. */
export const linesOfDrawings = async (
  things: readonly DrawnThing[],
  folder: string,
): Promise<{ readonly lines: (readonly Polyline[] | undefined)[]; readonly faults: SaidFault[] }> => {
  const faults: SaidFault[] = []
  const lines: (readonly Polyline[] | undefined)[] = []
  for (const thing of things)
    try {
      lines.push(await linesOf(thing, folder))
    } catch (error) {
      if (!(error instanceof Faults)) throw error
      faults.push(...error.all)
      lines.push(undefined)
    }
  return { lines, faults }
}
