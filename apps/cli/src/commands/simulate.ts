import { dirname } from 'node:path'
import { pressTrial, type Trial } from '@bold-heron/core'
import {
  answerOfTrial,
  placingFaults,
  type SimulationAnswer,
  type SimulationFile,
  simulationFile,
  toTrial,
} from '@bold-heron/schema'
import { sayFault } from '@bold-heron/words'
import { Faults, type SaidFault } from '../faults.js'
import { linesOfDies } from '../die-lines.js'
import { judged, readJson } from '../read-file.js'

/** A simulation's file as the core takes it, its drawings read; throws every fault. */
export const trialOf = (input: SimulationFile, folder: string): Trial => {
  const { lines, faults } = linesOfDies(input.dies, folder)
  const trial = toTrial(
    input,
    lines.map((each) => each ?? []),
  )
  faults.push(
    ...placingFaults(trial).map(
      (fault): SaidFault =>
        (t) =>
          sayFault(t, fault),
    ),
  )
  if (faults.length > 0) throw new Faults(faults)
  return trial
}

/** Presses the dies of a simulation's file and says what each pass does. */
export const simulate = (file: string): SimulationAnswer => {
  const trial = trialOf(judged(simulationFile, readJson(file)), dirname(file))
  const answer = answerOfTrial(pressTrial(trial))
  if (!answer) throw new Faults([(t) => t('files.unsolved')])
  return answer
}
