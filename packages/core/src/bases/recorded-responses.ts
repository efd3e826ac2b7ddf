import type { Die } from '../dies/die.js'
import { fingerprintOf } from '../geometry/fingerprint.js'
import { type ResponseRecord, ResponseOfRecord, recordOf } from '../goals/response-record.js'
import type { Response } from '../goals/response.js'
import type { Computed } from '../goals/computed.js'
import type { CutContext } from '../job/cut-context.js'
import type { Learnt } from '../learning/learnt.js'
import type { LearntGap } from '../learning/learnt-gap.js'
import { type ResponseCache, nameOfResponse, type SimulatedResponses } from '../planner/simulated-responses.js'
import type { Bed } from '../press/bed.js'
import type { Press } from '../press/press.js'
import { goalOf } from '../techniques/goal-of.js'
import type { TechniqueId } from '../techniques/list.js'

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
