import { type Remote, wrap } from 'comlink'
import type { PressWorker } from './press.worker.js'

let started: Remote<PressWorker> | undefined

/** The simulated press in a worker of its own, so that sliders need not wait for a plan in the making. */
export const press = (): Remote<PressWorker> => {
  started ??= wrap<PressWorker>(
    new Worker(new URL('./press.worker.ts', import.meta.url), { type: 'module', name: 'press' }),
  )
  return started
}
