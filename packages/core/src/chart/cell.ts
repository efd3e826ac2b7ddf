import type { Die } from '../dies/die.js'
import { countOf } from '../faults/finding.js'
import { fingerprintOf } from '../geometry/fingerprint.js'
import type { Outlook } from '../goals/outlook.js'
import { type ResponseRecord, ResponseOfRecord, recordOf } from '../goals/response-record.js'
import type { Response } from '../goals/response.js'
import type { Computed } from '../goals/computed.js'
import { type CutContext, pileMmOf } from '../job/cut-context.js'
import { type StackReference, referenceOf } from '../layers/stack-reference.js'
import type { Learnt } from '../learning/learnt.js'
import type { LearntGap } from '../learning/learnt-gap.js'
import { missingRolesOf, type PlanRequest } from '../planner/plan.js'
import { rankSteps, type Ranking } from '../planner/rank-stacks.js'
import { type ResponseCache, nameOfResponse, type SimulatedResponses } from '../planner/simulated-responses.js'
import type { Steps } from '../planner/steps.js'
import type { Bed } from '../press/bed.js'
import type { Press } from '../press/press.js'
import { goalOf } from '../techniques/goal-of.js'
import { inspectStack } from '../techniques/inspect.js'
import type { TechniqueId } from '../techniques/list.js'
import { methodOf } from '../techniques/method.js'

/** Records of responses by what they depend on. */
export type ResponseRecords = Map<string, ResponseRecord>

/** Whether answers of this name are for one of some dies, alone or with others. */
export const isAnswerFor = (dies: readonly Die[]): ((name: string) => boolean) => {
  const prints = dies.map((die) => fingerprintOf(die.outline.lines))
  return (name) => prints.some((print) => name.includes(print))
}

/** A name for what a press run answers on a bed. */
const nameOf = (technique: TechniqueId, cut: CutContext, bed: Bed): string =>
  `${goalOf({ technique }).id} ${cut.rules.handShare} ${nameOfResponse(cut, bed)}`

/** Answers from records, and has simulated what is in none; `made` is what it had to simulate. */
export class RecordedResponses implements ResponseCache {
  readonly made: ResponseRecords = new Map()

  constructor(
    private readonly technique: TechniqueId,
    private readonly kept: ReadonlyMap<string, ResponseRecord>,
    private readonly live: SimulatedResponses,
  ) {}

  of(goal: Computed, cut: CutContext, bed: Bed): Response {
    return new ResponseOfRecord(this.answersOf(goal, cut, bed))
  }

  answersOf(goal: Computed, cut: CutContext, bed: Bed): ResponseRecord {
    const name = nameOf(this.technique, cut, bed)
    const known = this.kept.get(name) ?? this.made.get(name)
    if (known) return known
    const answers = recordOf(this.live.of(goal, cut, bed), cut.rules)
    this.made.set(name, answers)
    return answers
  }

  gapOf(press: Press, learnt?: Learnt): LearntGap {
    return this.live.gapOf(press, learnt)
  }
}

/** Why nothing stands in a cell. */
export const emptyReasons = ['missing-role', 'stopped', 'too-thick', 'too-stiff', 'nothing-fits', 'not-sure'] as const
export type EmptyReason = (typeof emptyReasons)[number]

/** What a stack does in a cell. */
export interface CellFigures {
  /** The least count of passes with the house's chance, and that chance, 0…1. */
  readonly passes: number
  readonly chance: number
  /** Chance that the handle stops. */
  readonly stops: number
  /** Effort of the hardest pass as a share of what the hand, or the motor, can do. */
  readonly effort: number
  readonly squeezeMm: number
  /** Codes of the cautions it comes with. */
  readonly cautions: readonly string[]
}

/** The best stack of the shelf for one cell alone, as a plan has it. */
interface CellOwn extends CellFigures {
  readonly stack: StackReference
  /** Whether it counts: sure enough, and the handle goes on. */
  readonly counts: boolean
}

/** What is known of one cell, whatever base stacks are chosen. */
export interface Cell {
  readonly own?: CellOwn | undefined
  /** Where nothing may count. */
  readonly why?: EmptyReason | undefined
}

/** Whether what an outlook says is enough for a chart: sure by the house, and the handle hardly ever stops. */
export const countsAs = ({ sure, chances }: Outlook, { mostStopChance }: CutContext['rules']): boolean =>
  sure && chances.stops <= mostStopChance

/** What an outlook and the findings of a stack make of a cell. */
export const figuresOfCell = (outlook: Outlook, squeezeMm: number, cautions: readonly string[]): CellFigures => ({
  passes: outlook.passes,
  chance: outlook.chances.goodBy[outlook.passes - 1] ?? 0,
  stops: outlook.chances.stops,
  effort: outlook.effort,
  squeezeMm,
  cautions,
})

/** Why a ranking has nothing that counts. */
const whyEmpty = (request: PlanRequest, { ranked, stoppedBy, tooHeavy }: Ranking): EmptyReason => {
  const { cut } = request
  if (missingRolesOf(request).length > 0) return 'missing-role'
  if (ranked.length > 0) return 'not-sure'
  if (pileMmOf(cut) > Math.min(...cut.dies.map((die) => die.bladeHeightMm))) return 'too-thick'
  if (stoppedBy) return 'stopped'
  return tooHeavy ? 'too-stiff' : 'nothing-fits'
}

/** Works out one cell: how it answers on every bed of the shelf, and the best stack for it alone, which is the best of its plan. */
export function* cellSteps(request: PlanRequest, answering: ResponseCache): Steps<Cell> {
  const ranking = yield* rankSteps(request, answering)
  const { cut } = ranking.request
  const best = ranking.ranked[0]
  const own = best && {
    ...figuresOfCell(
      best.outlook,
      best.found.squeezeMm,
      inspectStack(methodOf(request), best.found.stack, cut).flatMap(({ severity, code }) =>
        severity === 'caution' ? [code] : [],
      ),
    ),
    stack: referenceOf(best.found.stack),
    counts: countsAs(best.outlook, cut.rules),
  }
  // Another stack may be surer than the one that a plan likes best.
  const some = ranking.ranked.some(
    ({ found, outlook }) =>
      countsAs(outlook, cut.rules) && countOf(inspectStack(methodOf(request), found.stack, cut), 'stop') === 0,
  )
  return some ? { own } : { own, why: whyEmpty(request, ranking) }
}
