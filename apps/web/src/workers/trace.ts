import type { Remote } from 'comlink'
import type { TraceWorker } from './trace.worker.js'
import { workerOf } from './worker-of.js'

const { api } = workerOf<TraceWorker>(
  () => new Worker(new URL('./trace.worker.ts', import.meta.url), { type: 'module', name: 'trace' }),
)

/** Squaring up and tracing pictures in a worker. */
export const tracer = (): Remote<TraceWorker> => api
