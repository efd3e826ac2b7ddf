import type { Remote } from 'comlink'
import type { TakenAlongWorker } from './taken-along.worker.js'
import { workerOf } from './worker-of.js'

const worker = workerOf<TakenAlongWorker>(
  () => new Worker(new URL('./taken-along.worker.ts', import.meta.url), { type: 'module', name: 'taken-along' }),
)

/** What is worked out of a workshop that was taken along. */
export const takenAlongWorker = (): Remote<TakenAlongWorker> => worker.api
