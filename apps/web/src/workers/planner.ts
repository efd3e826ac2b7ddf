import { type Remote, wrap } from 'comlink'
import type { PlannerWorker } from './planner.worker.js'

let started: Remote<PlannerWorker> | undefined

/** The planner in its worker, started when first asked for. */
export const planner = (): Remote<PlannerWorker> => {
  started ??= wrap<PlannerWorker>(
    new Worker(new URL('./planner.worker.ts', import.meta.url), { type: 'module', name: 'planner' }),
  )
  return started
}
