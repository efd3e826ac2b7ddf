import { proxy, type Remote } from 'comlink'
import type { PlannerWorker } from './planner.worker.js'
import { workerOf } from './worker-of.js'

const { api } = workerOf<PlannerWorker>(
  () => new Worker(new URL('./planner.worker.ts', import.meta.url), { type: 'module', name: 'planner' }),
)
let tasks = 0

/** The planner in its worker. */
export const planner = (): Remote<PlannerWorker> => api

/** The work was given up by whoever asked for it. */
class GivenUp extends Error {
  override readonly name = 'GivenUp'
}

/** Runs long work of the planner: `signal` gives it up, `onProgress` hears how far it is (0…1). */
export const longWork = async <Made>(
  start: (task: number, onProgress: (share: number) => unknown) => Promise<Made | undefined>,
  { signal, onProgress = () => undefined }: { signal: AbortSignal; onProgress?: (share: number) => void },
): Promise<Made> => {
  const task = ++tasks
  // What ended already is not given up, so that no worker is started for it.
  let ended = false
  signal.addEventListener('abort', () => ended || void planner().giveUp(task), { once: true })
  const made = await start(task, proxy(onProgress)).finally(() => (ended = true))
  if (made === undefined) throw new GivenUp('given up')
  return made
}
