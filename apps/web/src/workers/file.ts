import type { Remote } from 'comlink'
import type { FileWorker } from './file.worker.js'
import { workerOf } from './worker-of.js'

const worker = workerOf<FileWorker>(
  () => new Worker(new URL('./file.worker.ts', import.meta.url), { type: 'module', name: 'file' }),
)

/** Reading whole workshops in a worker. */
export const workshopFiles = (): Remote<FileWorker> => worker.api
