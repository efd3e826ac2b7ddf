import type { Polyline, SimulatedPressing } from '@bold-heron/core'
import {
  type DrawnThing,
  drawnThings,
  placingFaults,
  type ProblemField,
  type SimulationFile,
  toPressing,
} from '@bold-heron/schema'
import { TookTooLong } from '../threads/pool.js'
import type { Work } from '../work/work.js'
import { refuseFields } from '../refusals/refusal.js'

/** ms. The worst drawing within the limits that was met took half of this. */
const LONGEST_READING_MS = 4000

/** A simulation sent to the server as the core takes it, its drawings read on a thread; refuses every drawing that cannot be used, by its field. */
export const pressingOfRequest = async (input: SimulationFile, work: Work): Promise<SimulatedPressing> => {
  const errors: ProblemField[] = []
  const lines: (readonly Polyline[])[] = []
  const linesOf = async ({ path: thing, svg }: DrawnThing): Promise<readonly Polyline[]> => {
    if (svg === undefined) {
      errors.push({ path: `${thing}.file`, code: 'no-files' })
      return []
    }
    const path = `${thing}.svg`
    try {
      const read = await work.run('readDrawing', svg, { deadlineMs: LONGEST_READING_MS })
      if (read.ok) return read.value.lines
      errors.push({ path, code: read.fault.code, values: { drawing: read.fault.code } })
    } catch (error) {
      if (!(error instanceof TookTooLong)) throw error
      errors.push({ path, code: 'took-too-long' })
    }
    return []
  }
  for (const thing of drawnThings(input)) lines.push(await linesOf(thing))
  const pressing = toPressing(input, lines)
  errors.push(...placingFaults(pressing))
  if (errors.length > 0) refuseFields(errors)
  return pressing
}
