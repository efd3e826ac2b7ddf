import type { PlanRequest } from '@bold-heron/core'
import { type AskedBeside, type Bundle, type PlanQuestion, planRequestOf } from '@bold-heron/schema'
import { expose } from 'comlink'

let held: Bundle | undefined

/** Plans' requests out of a workshop that was taken along. */
const takenAlong = {
  hold(bundle: Bundle): void {
    held = bundle
  },
  /** Undefined where the workshop holds no such press, die or sheet. */
  requestOf: (question: PlanQuestion, beside: AskedBeside): PlanRequest | undefined =>
    held && planRequestOf(held, question, beside),
}
export type TakenAlongWorker = typeof takenAlong

expose(takenAlong)
