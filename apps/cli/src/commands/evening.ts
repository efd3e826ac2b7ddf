import { dirname } from 'node:path'
import { type EveningRequest, eveningSteps, finish, putInOrder, SimulatedResponses } from '@bold-heron/core'
import {
  answerOfEvening,
  answerOfOrder,
  type EveningAnswer,
  eveningOrderFile,
  type EveningWholeFile,
  eveningWholeFile,
  type OrderAnswer,
  requestOfEveningFile,
  wantedOfOrder,
} from '@bold-heron/schema'
import { linesOfDrawings } from '../drawings.js'
import { Faults } from '../faults.js'
import { judged, readJson } from '../read-file.js'

/** Whether a file asks for the order of batches only. */
const asksForOrder = (input: unknown): boolean => typeof input === 'object' && input !== null && 'batches' in input

const requestOf = async (input: EveningWholeFile, folder: string): Promise<EveningRequest> => {
  const { lines, faults } = await linesOfDrawings(
    input.dies.map(({ svg, file }, at) => ({ path: `dies.${at}`, svg, file })),
    folder,
  )
  if (faults.length > 0) throw new Faults(faults)
  return requestOfEveningFile(input, lines)
}

/** A file of an evening as it is asked, its drawings read; throws every fault. */
export const judgedEvening = (input: unknown, folder: string): Promise<unknown> =>
  asksForOrder(input)
    ? Promise.resolve(judged(eveningOrderFile, input))
    : requestOf(judged(eveningWholeFile, input), folder)

/** Plans the evening of a file: what is laid together, in which stack, in which order; of batches that are given, their order alone. */
export const evening = async (file: string): Promise<EveningAnswer | OrderAnswer> => {
  const input = readJson(file)
  if (asksForOrder(input)) {
    const asked = judged(eveningOrderFile, input)
    const schedule = putInOrder(wantedOfOrder(asked))
    // Without pins there is always an order.
    if (!schedule) throw new RangeError('batches without pins could not be put in order')
    return answerOfOrder(asked, schedule)
  }
  const request = await requestOf(judged(eveningWholeFile, input), dirname(file))
  const { plan } = finish(eveningSteps(request, new Map(), new SimulatedResponses()))
  return answerOfEvening(request, plan)
}
