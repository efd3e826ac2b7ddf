import type { LearntGap } from '../learning/learnt-gap.js'
import type { CutContext } from '../job/cut-context.js'
import { trustInBlades } from '../job/shallow-die.js'
import { computedOf } from '../techniques/computed-of.js'
import type { PlanRequest } from './plan.js'
import type { ResponseCache } from './simulated-responses.js'
import type { SqueezeWindow } from '../learning/squeeze-window.js'

/** Strengths are rounded to this in the logarithm, so that a little news does not ask for all simulations anew. */
const LOG_STEP = 0.05

const factorOf = (logStrength: number): number => Math.exp(Math.round(logStrength / LOG_STEP) * LOG_STEP)

/** How far the doubt about a press run may be trusted: a cut that practice does not know by its blades, until it came out once. */
export const trustIn = (
  { technique, cut, workedBefore }: Pick<PlanRequest, 'technique' | 'cut' | 'workedBefore'>,
  { doubt }: LearntGap,
): number => doubt.trust * (technique === 'cut' && workedBefore.length === 0 ? trustInBlades(cut) : 1)

/** A request with its sheet as strong as the log says, and the gap with its doubt counted from there. */
export const asLearnt = <Request extends PlanRequest>(
  request: Request,
  responses: Pick<ResponseCache, 'gapOf'>,
): { readonly request: Request; readonly gap: LearntGap } => {
  const gap = responses.gapOf(request.cut.press, request.learnt)
  const factor = factorOf(gap.basis.logStrength.mean)
  return {
    request: { ...request, cut: computedOf(request).stronger(request.cut, factor) },
    gap: {
      ...gap,
      doubt: {
        nodes: gap.doubt.nodes.map((node) => ({ ...node, strength: node.strength / factor })),
        trust: trustIn(request, gap),
      },
    },
  }
}

/** A press run with what resists in it as strong as the window it is planned in took it for. */
export const cutIn = (
  { technique, cut }: Pick<PlanRequest, 'technique' | 'cut'>,
  { basis }: SqueezeWindow,
): CutContext => computedOf({ technique }).stronger(cut, factorOf(basis.logStrength.mean))
