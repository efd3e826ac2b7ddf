import type { Polyline, SimulatedPressing } from '@bold-heron/core'
import { placingFaults, type ProblemField, type SimulationFile, toPressing } from '@bold-heron/schema'
import { TookTooLong } from '../threads/pool.js'
import type { Work } from '../work/work.js'
import { refuseFields } from '../refusals/refusal.js'

/** ms. The worst drawing within the limits that was met took half of this. */
const LONGEST_READING_MS = 4000

/** A simulation sent to the server as the core takes it, its drawings read on a thread; refuses every die that cannot be used, by its field. */
export const pressingOfRequest = async (input: SimulationFile, work: Work): Promise<SimulatedPressing> => {
  const errors: ProblemField[] = []
  const lines: (readonly Polyline[])[] = []
  const linesOf = async (svg: string | undefined, at: number): Promise<readonly Polyline[]> => {
    if (svg === undefined) {
      errors.push({ path: `dies.${at}.file`, code: 'no-files' })
      return []
    }
    const path = `dies.${at}.svg`
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
  for (const [at, { svg }] of input.dies.entries()) lines.push(await linesOf(svg, at))
  const pressing = toPressing(input, lines)
  errors.push(...placingFaults(pressing))
  if (errors.length > 0) refuseFields(errors)
  return pressing
}
