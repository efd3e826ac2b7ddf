import { isGuided } from '../techniques/goal-of.js'
import { guidedPlan } from './guided-plan.js'
import { type Plan, planCut, type PlanRequest } from './plan.js'

/** What can be said at once of a press run, nothing simulated: by rules of thumb, or where it is guided only the stack it asks for. */
export const quickPlan = (request: PlanRequest): Plan => (isGuided(request) ? guidedPlan(request) : planCut(request))
