import type { Polyline, SimulatedPressing } from '@bold-heron/core'
import { readSvg } from '@bold-heron/formats'
import { placingFaults, type ProblemField, type SimulationFile, toPressing } from '@bold-heron/schema'
import { refuseFields } from './problems.js'

/** A simulation sent to the server as the core takes it; refuses every die that cannot be used, by its field. */
export const pressingOfRequest = (input: SimulationFile): SimulatedPressing => {
  const errors: ProblemField[] = []
  const lines = input.dies.map(({ svg }, at): readonly Polyline[] => {
    if (svg === undefined) {
      const path = `dies.${at}.file`
      errors.push({ path, code: 'no-files' })
      return []
    }
    const read = readSvg(svg)
    if (read.ok) return read.value.lines
    const path = `dies.${at}.svg`
    errors.push({ path, code: read.fault.code, values: { drawing: read.fault.code } })
    return []
  })
  const pressing = toPressing(input, lines)
  errors.push(...placingFaults(pressing))
  if (errors.length > 0) refuseFields(errors)
  return pressing
}
