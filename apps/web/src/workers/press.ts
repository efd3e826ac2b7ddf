import type { Bed, CutContext, Laying } from '@bold-heron/core'
import type { Remote } from 'comlink'
import type { PressWorker } from './press.worker.js'
import { workerOf } from './worker-of.js'

let laid: readonly [CutContext, Bed, Laying] | undefined

const { api } = workerOf<PressWorker>(
  () => new Worker(new URL('./press.worker.ts', import.meta.url), { type: 'module', name: 'press' }),
  (remote) => laid && void remote.lay(...laid),
)

/** The simulated press in a worker of its own, so that sliders need not wait for a plan in the making. */
export const press = (): Remote<PressWorker> => api

/** Lays what is tried from now on; a worker that is started later hears of it first. */
export const layOnPress = (cut: CutContext, bed: Bed, laying: Laying): void => {
  laid = [cut, bed, laying]
  // Should the worker die of it, the pressing that follows says so.
  api.lay(cut, bed, laying).catch(() => undefined)
}
