import { dirname } from 'node:path'
import { finish, type PlanRequest, planSteps, SimulatedResponses } from '@bold-heron/core'
import { answerOfPlan, type PlanAnswer, type PlanFile, planFile, requestOfPlanFile } from '@bold-heron/schema'
import { linesOfDrawings } from '../drawings.js'
import { Faults } from '../faults.js'
import { judged, readJson } from '../read-file.js'

/** A plan's file as the planner takes it, its drawings read; throws every fault. */
export const requestOf = async (input: PlanFile, folder: string): Promise<PlanRequest> => {
  const { lines, faults } = await linesOfDrawings(
    input.dies.map(({ svg, file }, at) => ({ path: `dies.${at}`, svg, file })),
    folder,
  )
  if (faults.length > 0) throw new Faults(faults)
  return requestOfPlanFile(input, lines)
}

/** Works out the best stacks of a plan's file, the press simulated. */
export const plan = async (file: string): Promise<PlanAnswer> => {
  const request = await requestOf(judged(planFile, readJson(file)), dirname(file))
  return answerOfPlan(finish(planSteps(request, new SimulatedResponses())))
}
