import type { Enough, Nest, NestWanted } from '@bold-heron/core'
import { proxy } from 'comlink'
import type { LaidPieces, NestWorker } from './nest.worker.js'
import { workerOf } from './worker-of.js'

const { api } = workerOf<NestWorker>(
  () => new Worker(new URL('./nest.worker.ts', import.meta.url), { type: 'module', name: 'nest' }),
)
let tasks = 0

/** Lays pieces on a sheet in a worker, better and better for so long at most, or until `signal` says that it is enough. */
export const layPieces = (
  wanted: NestWanted,
  ms: number,
  {
    signal,
    enough = 'best',
    onFound = () => undefined,
  }: { signal: AbortSignal; enough?: Enough; onFound?: (found: Nest) => void },
): Promise<LaidPieces | undefined> => {
  const task = ++tasks
  signal.addEventListener('abort', () => void api.giveUp(task), { once: true })
  return api.lay(task, wanted, ms, enough, proxy(onFound))
}
