import type { Die } from '@bold-heron/core'
import type { Remote } from 'comlink'
import type { PlaceWorker } from './place.worker.js'
import { workerOf } from './worker-of.js'

let known: readonly Die[] = []

const { api } = workerOf<PlaceWorker>(
  () => new Worker(new URL('./place.worker.ts', import.meta.url), { type: 'module', name: 'place' }),
  (remote) => void remote.know(known),
)

/** The geometry of placements in a worker. */
export const placeWorker = (): Remote<PlaceWorker> => api

/** Tells the worker the dies of the shelf, which everything else goes by; one that is started later hears of them first. */
export const knowDies = async (dies: readonly Die[]): Promise<void> => {
  known = dies
  await api.know(dies)
}
