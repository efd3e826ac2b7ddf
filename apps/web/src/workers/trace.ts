import { type Remote, wrap } from 'comlink'
import type { TraceWorker } from './trace.worker.js'

let started: Remote<TraceWorker> | undefined

/** Squaring up and tracing pictures in a worker, started when first asked for. */
export const tracer = (): Remote<TraceWorker> => {
  started ??= wrap<TraceWorker>(
    new Worker(new URL('./trace.worker.ts', import.meta.url), { type: 'module', name: 'trace' }),
  )
  return started
}
