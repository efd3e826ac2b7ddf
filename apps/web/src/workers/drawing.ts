import type { Remote } from 'comlink'
import type { DrawingWorker, ReadOutline } from './drawing.worker.js'
import { WorkerDied, workerOf } from './worker-of.js'

const worker = workerOf<DrawingWorker>(
  () => new Worker(new URL('./drawing.worker.ts', import.meta.url), { type: 'module', name: 'drawing' }),
)

/** Reading, measuring and writing drawings in a worker. */
export const drawing = (): Remote<DrawingWorker> => worker.api

/** ms. No drawing within the limits takes a tenth of this. */
const LONGEST_READING_MS = 15_000

/** Reads a drawing; a file that would keep the worker busy for ever costs only that worker. */
export const readInTime = async (fileName: string, text: string): Promise<ReadOutline | 'took-too-long'> => {
  let isLate = false
  const timer = setTimeout(() => {
    isLate = true
    worker.end()
  }, LONGEST_READING_MS)
  try {
    return await drawing().read(fileName, text)
  } catch (error) {
    if (isLate && error instanceof WorkerDied) return 'took-too-long'
    throw error
  } finally {
    clearTimeout(timer)
  }
}
