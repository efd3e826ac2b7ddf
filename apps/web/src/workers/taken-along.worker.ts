import type { PlanRequest } from '@bold-heron/core'
import {
  type AskedBeside,
  type Bundle,
  type PlanQuestion,
  planRequestOf,
  receivedBundle,
  workshopBundle,
} from '@bold-heron/schema'
import { expose } from 'comlink'

let held: { readonly tag: string | null; readonly bundle: Bundle } | undefined

/** The workshop that this device took along, read anew only where it is another one than before; undefined where it took none. */
const takenBundle = async (): Promise<Bundle | undefined> => {
  const answer = await fetch('/api/bundle').catch(() => undefined)
  if (!answer?.ok) return undefined
  const tag = answer.headers.get('ETag')
  if (!held || held.tag !== tag) held = { tag, bundle: receivedBundle(workshopBundle.parse(await answer.json())) }
  return held.bundle
}

/** Plans' requests out of a workshop that was taken along. */
const takenAlong = {
  /** Undefined where there is none, or where it holds no such press, die or sheet. */
  async requestOf(question: PlanQuestion, beside: AskedBeside): Promise<PlanRequest | undefined> {
    const bundle = await takenBundle()
    return bundle && planRequestOf(bundle, question, beside)
  },
}
export type TakenAlongWorker = typeof takenAlong

expose(takenAlong)
