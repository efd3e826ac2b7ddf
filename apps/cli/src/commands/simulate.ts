import { dirname } from 'node:path'
import { simulatePressing, type SimulatedPressing } from '@bold-heron/core'
import {
  answerOfPressing,
  drawnThings,
  placingFaults,
  type SimulationAnswer,
  type SimulationFile,
  simulationFile,
  toPressing,
} from '@bold-heron/schema'
import { sayFault } from '@bold-heron/words'
import { Faults, type SaidFault } from '../faults.js'
import { linesOfDrawings } from '../drawings.js'
import { judged, readJson } from '../read-file.js'

/** A simulation's file as the core takes it, its drawings read; throws every fault. */
export const pressingOf = async (input: SimulationFile, folder: string): Promise<SimulatedPressing> => {
  const { lines, faults } = await linesOfDrawings(drawnThings(input), folder)
  const pressing = toPressing(
    input,
    lines.map((each) => each ?? []),
  )
  faults.push(
    ...placingFaults(pressing).map(
      (fault): SaidFault =>
        (t) =>
          sayFault(t, fault),
    ),
  )
  if (faults.length > 0) throw new Faults(faults)
  return pressing
}

/** Presses what a simulation's file holds and says what each pass does. */
export const simulate = async (file: string): Promise<SimulationAnswer> => {
  const pressing = await pressingOf(judged(simulationFile, readJson(file)), dirname(file))
  const answer = answerOfPressing(simulatePressing(pressing))
  if (!answer) throw new Faults([(t) => t('files.unsolved')])
  return answer
}
