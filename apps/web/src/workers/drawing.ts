import { type Remote, wrap } from 'comlink'
import type { DrawingWorker, ReadOutline } from './drawing.worker.js'

let started: { readonly worker: Worker; readonly remote: Remote<DrawingWorker> } | undefined

const start = () => {
  const worker = new Worker(new URL('./drawing.worker.ts', import.meta.url), { type: 'module', name: 'drawing' })
  return { worker, remote: wrap<DrawingWorker>(worker) }
}

/** Reading, measuring and writing drawings in a worker, started when first asked for. */
export const drawing = (): Remote<DrawingWorker> => {
  started ??= start()
  return started.remote
}

/** ms. No drawing within the limits takes a tenth of this. */
const LONGEST_READING_MS = 15_000

/** Reads a drawing; a file that would keep the worker busy for ever costs only that worker. */
export const readInTime = (fileName: string, text: string): Promise<ReadOutline | 'took-too-long'> =>
  new Promise((resolve, reject) => {
    const timer = setTimeout(() => {
      started?.worker.terminate()
      started = undefined
      resolve('took-too-long')
    }, LONGEST_READING_MS)
    drawing()
      .read(fileName, text)
      .then(resolve, reject)
      .finally(() => clearTimeout(timer))
  })
