import { proxy, type Remote, wrap } from 'comlink'
import type { PlannerWorker } from './planner.worker.js'

let started: Remote<PlannerWorker> | undefined
let tasks = 0

/** The planner in its worker, started when first asked for. */
export const planner = (): Remote<PlannerWorker> => {
  started ??= wrap<PlannerWorker>(
    new Worker(new URL('./planner.worker.ts', import.meta.url), { type: 'module', name: 'planner' }),
  )
  return started
}

/** The work was given up by whoever asked for it. */
export class GivenUp extends Error {
  override readonly name = 'GivenUp'
}

/** Runs long work of the planner: `signal` gives it up, `onProgress` hears how far it is (0…1). */
export const longWork = async <Made>(
  start: (task: number, onProgress: (share: number) => unknown) => Promise<Made | undefined>,
  { signal, onProgress = () => undefined }: { signal: AbortSignal; onProgress?: (share: number) => void },
): Promise<Made> => {
  const task = ++tasks
  signal.addEventListener('abort', () => void planner().giveUp(task), { once: true })
  const made = await start(task, proxy(onProgress))
  if (made === undefined) throw new GivenUp('given up')
  return made
}
