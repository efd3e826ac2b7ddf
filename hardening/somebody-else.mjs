// Somebody else at the same server, on a thread of its own, so that nothing but the server makes it wait: asks whether it lives, and for
// a list, again and again, and tells in the end what it met.
import { setTimeout } from 'node:timers/promises'
import { parentPort, workerData } from 'node:worker_threads'

const ASKED = ['/api/health', '/api/jobs?pageSize=10']
/** ms between two questions: as often as a page that is looked at might ask, and fewer than the server takes in a minute. */
const PAUSE_MS = 50
const PATIENCE_MS = 60_000

let isOver = false
parentPort.once('message', () => (isOver = true))

let longestMs = 0
const faults = []
for (let turn = 0; !isOver; turn++) {
  const path = ASKED[turn % ASKED.length]
  const from = performance.now()
  try {
    const answer = await fetch(workerData.address + path, { signal: AbortSignal.timeout(PATIENCE_MS) })
    await answer.arrayBuffer()
    if (answer.status >= 500) faults.push(`${path}: ${answer.status}`)
  } catch (error) {
    faults.push(`${path}: ${error.message}: ${error.cause?.message}`)
  }
  longestMs = Math.max(longestMs, performance.now() - from)
  await setTimeout(PAUSE_MS)
}
parentPort.postMessage({ longestMs, faults })
