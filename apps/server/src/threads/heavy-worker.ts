import { parentPort } from 'node:worker_threads'
import { Responses, runInSlices } from '@bold-heron/core'
import type { ToHeavyWorker, FromHeavyWorker } from './heavy-messages.js'
import { stepsOf } from './heavy-task.js'

const port = parentPort
if (!port) throw new Error('this file runs as a worker thread')

const model = new Responses()
/** Tasks asked for and not yet answered, and which of them were given up. */
const asked = new Set<number>()
const cancelled = new Set<number>()
const say = (message: FromHeavyWorker): void => port.postMessage(message)

/** Lets messages in between two slices of work. */
const breathe = (): Promise<void> => new Promise((resolve) => setImmediate(resolve))

const work = async ({ id, task }: Extract<ToHeavyWorker, { is: 'task' }>): Promise<void> => {
  try {
    const answer = await runInSlices(stepsOf(task, model), {
      breathe,
      isCancelled: () => cancelled.has(id),
      onProgress: (share) => say({ is: 'progress', id, share }),
    })
    say(answer === undefined ? { is: 'cancelled', id } : { is: 'done', id, answer })
  } catch (error) {
    say({ is: 'failed', id, message: error instanceof Error ? (error.stack ?? error.message) : String(error) })
  } finally {
    asked.delete(id)
    cancelled.delete(id)
  }
}

// One after the other: two tasks at once would only make both late.
let queue = Promise.resolve()
port.on('message', (message: ToHeavyWorker) => {
  if (message.is === 'task') {
    asked.add(message.id)
    queue = queue.then(() => work(message))
  } else if (asked.has(message.id)) cancelled.add(message.id)
})
