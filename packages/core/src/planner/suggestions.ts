import type { Change } from '../goals/change.js'
import { type Outlook, outlookOf } from '../goals/outlook.js'
import type { Proposal } from '../goals/proposal.js'
import { PLAIN_LAYING } from '../goals/laying.js'
import { windowOf } from '../goals/window.js'
import { computedOf } from '../techniques/computed-of.js'
import { asLearnt } from './learnt-cut.js'
import { bedKindsOf } from './rank-stacks.js'
import type { Assessment, PlanRequest } from './plan.js'
import type { SimulatedResponses } from './simulated-responses.js'
import type { Steps } from '../numerics/steps.js'
import { POINTS_WORTH_SAYING, EFFORT_SAVED } from './constants.js'

/** A proposal and what it is predicted to change; passes and effort fall where it helps, the chance rises. */
export interface Suggestion {
  readonly proposal: Proposal
  /** Absent where it does not change the pressing itself, as with waxed paper. */
  readonly gain:
    | {
        readonly passes: number
        /** Of the hardest pass, as a share of what the hand can do. */
        readonly effort: number
        /** Of coming out as wanted after the passes recommended now. */
        readonly chance: number
        /** How much more harm is done, as the goal measures it (a blade's mm into the bed); negative where some is spared. */
        readonly harm: number
        /** Points of the ranking; what the suggestions are ordered by. */
        readonly worth: number
      }
    | undefined
}

const gainOf = (before: Outlook, after: Outlook): NonNullable<Suggestion['gain']> => ({
  passes: after.passes - before.passes,
  effort: after.effort - before.effort,
  chance: (after.chances.goodBy[before.passes - 1] ?? 0) - (before.chances.goodBy[before.passes - 1] ?? 0),
  harm: after.harm - before.harm,
  worth: before.cost - after.cost,
})

const isWorthIt = ({ worth, effort }: NonNullable<Suggestion['gain']>): boolean =>
  worth >= POINTS_WORTH_SAYING || (worth > -POINTS_WORTH_SAYING / 2 && effort <= -EFFORT_SAVED)

/** Looks for what would make this stack do better: what the goal proposes, each simulated. Best first. */
export function* suggestionSteps(
  asked: PlanRequest,
  assessment: Assessment,
  responses: SimulatedResponses,
): Steps<Suggestion[]> {
  const goal = computedOf(asked)
  const { request, gap } = asLearnt(asked, responses)
  const { cut, shelf } = request
  const { stack, ledger, certainty, prediction } = assessment
  const bed = goal.bedOfStack(stack)
  if (!bed || !prediction) return []
  const outlookWith = (changed: Omit<Change, 'proposal'>): Outlook | undefined => {
    const response = responses.of(goal, changed.cut ?? cut, changed.bed ?? bed, changed.laying ?? PLAIN_LAYING)
    const squeezeMm = changed.atItsBest ? windowOf(response, gap, cut)?.midMm : (changed.squeezeMm ?? ledger.squeezeMm)
    return squeezeMm === undefined ? undefined : outlookOf(response, squeezeMm, certainty.doubtMm, cut, gap.doubt)
  }
  const now = outlookWith({})
  if (!now) return []
  const { weighed, saidAnyway } = goal.changesTo(cut, {
    stack,
    bed,
    squeezeMm: ledger.squeezeMm,
    prediction,
    shelf,
    bedKinds: bedKindsOf(request),
  })
  const suggestions: Suggestion[] = []
  for (const [at, each] of weighed.entries()) {
    const [easiest] = ('proposal' in each ? [each] : each)
      .flatMap((change) => {
        const after = outlookWith(change)
        return after ? [{ proposal: change.proposal, after }] : []
      })
      .sort((a, b) => a.after.effort - b.after.effort)
    if (easiest) {
      const gain = gainOf(now, easiest.after)
      if (isWorthIt(gain)) suggestions.push({ proposal: easiest.proposal, gain })
    }
    yield (at + 1) / weighed.length
  }
  suggestions.push(...saidAnyway.map((proposal) => ({ proposal, gain: undefined })))
  return suggestions.sort((a, b) => (b.gain?.worth ?? -Infinity) - (a.gain?.worth ?? -Infinity))
}
