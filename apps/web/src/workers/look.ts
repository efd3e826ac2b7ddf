import type { Remote } from 'comlink'
import type { LookWorker } from './look.worker.js'
import { workerOf } from './worker-of.js'

const { api } = workerOf<LookWorker>(
  () => new Worker(new URL('./look.worker.ts', import.meta.url), { type: 'module', name: 'look' }),
)

/** Reading photos of cuts in a worker. */
export const looker = (): Remote<LookWorker> => api
