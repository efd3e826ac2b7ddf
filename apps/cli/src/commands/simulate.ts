import { dirname, resolve } from 'node:path'
import { type Polyline, pressTrial, type Trial } from '@bold-heron/core'
import { readDrawing } from '@bold-heron/formats'
import {
  answerOfTrial,
  placingFaults,
  type SimulationAnswer,
  type SimulationFile,
  simulationFile,
  toTrial,
} from '@bold-heron/schema'
import { Faults } from '../faults.js'
import { judged, readJson, readText } from '../read-file.js'
import { sayDrawingFault } from '../say-drawing-fault.js'

/** The lines of a die's drawing: given in the file itself, or in a file beside it. */
const linesOf = (die: SimulationFile['dies'][number], at: number, folder: string): readonly Polyline[] => {
  const { svg, file = '' } = die
  const read = svg === undefined ? readDrawing(file, readText(resolve(folder, file))) : readDrawing('inline.svg', svg)
  if (read.ok) return read.value.lines
  throw new Faults([sayDrawingFault(svg === undefined ? `dies.${at}.file` : `dies.${at}.svg`, read.fault)])
}

/** A simulation's file as the core takes it, its drawings read; throws every fault. */
export const trialOf = (input: SimulationFile, folder: string): Trial => {
  const faults: string[] = []
  const lines = input.dies.map((die, at) => {
    try {
      return linesOf(die, at, folder)
    } catch (error) {
      if (!(error instanceof Faults)) throw error
      faults.push(...error.lines)
      return []
    }
  })
  const trial = toTrial(input, lines)
  faults.push(...placingFaults(trial).map((fault) => fault.message))
  if (faults.length > 0) throw new Faults(faults)
  return trial
}

/** Presses the dies of a simulation's file and says what each pass does. */
export const simulate = (file: string): SimulationAnswer => {
  const trial = trialOf(judged(simulationFile, readJson(file)), dirname(file))
  const answer = answerOfTrial(pressTrial(trial))
  if (!answer) throw new Faults(['A pass could not be solved; there is no number to trust. Report this file.'])
  return answer
}
