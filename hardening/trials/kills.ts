import { existsSync } from 'node:fs'
import { setTimeout } from 'node:timers/promises'
import { Checkout, gone, OPEN, runs, type Start } from '../../e2e/fixtures/checkout.js'
import { plateInputs } from '../../apps/server/src/testing/inputs.js'
import { randomInteger, randomItem } from '../../packages/core/src/numerics/random.js'
import { freePort } from '../../scripts/ports.mjs'
import { ask, toldOf } from '../ask.js'
import type { Trial } from '../scene.js'

const WRITERS = 4
/** Every start is at a port of its own: what is kept alive of a connection to a killed one would else be taken for one to the next. */
const FIRST_PORT = 5200
/** ms. When something is killed after the writing began. */
const SOONEST_MS = 20
const LATEST_MS = 900

/** Writes until nobody answers; the names of all that was acknowledged. */
const write = async (address: string, writer: string, acknowledged: Set<string>): Promise<void> => {
  for (let count = 0; ; count++) {
    const name = `${writer}-${count}`
    const answer = await ask(address, '/api/plates', {
      method: 'POST',
      body: { ...plateInputs.pad, name },
      patienceMs: 10_000,
    })
    if (answer.status === 201) acknowledged.add(name)
    else if (answer.status !== 503) return
  }
}

const killed = async (pid: number): Promise<void> => {
  if (runs(pid)) process.kill(pid, 'SIGKILL')
  await gone(pid)
}

/** What is killed: the start script, the database, or both; whatever they had started goes with them. */
const victims: readonly ((checkout: Checkout, start: Start) => Promise<void>)[] = [
  (_, start) => killed(start.pid),
  (checkout) => killed(checkout.postmaster),
  async (checkout, start) => {
    await Promise.all([killed(start.pid), killed(checkout.postmaster)])
  },
]

/** Server and database killed at random moments amid writing: every start comes up at the first try, and nothing acknowledged is lost. */
export const kills: Trial = {
  name: 'kills',
  hasSlice: false,
  async run(scene) {
    const checkout = new Checkout()
    const acknowledged = new Set<string>()
    try {
      for (let cycle = scene.times(25, 2); cycle > 0; cycle--) {
        const start = checkout.start(await freePort(FIRST_PORT + cycle))
        let address: string
        try {
          address = (await start.hears(OPEN)).replace(/\/$/, '')
          scene.tried('a start after a kill')
        } catch (error) {
          scene.tried('a start after a kill', String(error).slice(0, 400))
          continue
        }
        const answer = await ask(address, '/api/csv/plates')
        const { text } = answer
        const there = new Set(text.split('\n').map((line) => line.split(',')[1]))
        const lost = [...acknowledged].filter((name) => !there.has(name))
        scene.tried(
          'everything acknowledged is there',
          answer.status !== 200
            ? toldOf(answer)
            : lost.length > 0
              ? `${lost.length} lost: ${lost.slice(0, 5).join(' ')}`
              : undefined,
        )
        const writing = Array.from({ length: WRITERS }, (_, writer) =>
          write(address, `c${cycle}-${writer}`, acknowledged),
        )
        await setTimeout(randomInteger(scene.random, SOONEST_MS, LATEST_MS))
        await randomItem(scene.random, victims)(checkout, start)
        // Where only the database was killed the server answers on, in words; then it is its turn.
        await killed(start.pid)
        await Promise.all(writing)
        if (checkout.cluster && existsSync(checkout.lockFile)) await setTimeout(0)
      }
      scene.note('everything acknowledged is there', `${acknowledged.size} writes were acknowledged`)
    } finally {
      await checkout.remove()
    }
  },
}
