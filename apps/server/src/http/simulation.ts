import type { Polyline, Trial } from '@bold-heron/core'
import { readSvg } from '@bold-heron/formats'
import { placingFaults, type ProblemField, type SimulationFile, toTrial } from '@bold-heron/schema'
import { refuseFields } from './problems.js'

/** A simulation sent to the server as the core takes it; refuses every die that cannot be used, by its field. */
export const trialOfRequest = (input: SimulationFile): Trial => {
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
  const trial = toTrial(input, lines)
  errors.push(...placingFaults(trial))
  if (errors.length > 0) refuseFields(errors)
  return trial
}
