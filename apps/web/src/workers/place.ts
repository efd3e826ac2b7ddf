import { type Remote, wrap } from 'comlink'
import type { PlaceWorker } from './place.worker.js'

let started: Remote<PlaceWorker> | undefined

/** The geometry of placements in a worker, started when first asked for. */
export const placeWorker = (): Remote<PlaceWorker> => {
  started ??= wrap<PlaceWorker>(
    new Worker(new URL('./place.worker.ts', import.meta.url), { type: 'module', name: 'place' }),
  )
  return started
}
