import { assessStack, planCut, type PlanRequest, type SqueezeWindow, type Stack } from '@bold-heron/core'
import { expose } from 'comlink'

const planner = {
  plan: (request: PlanRequest) => planCut(request),
  assess: (request: PlanRequest, stack: Stack, window: SqueezeWindow) => assessStack(request, stack, window),
}
export type PlannerWorker = typeof planner

expose(planner)
