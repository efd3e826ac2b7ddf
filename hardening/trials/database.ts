import { setTimeout } from 'node:timers/promises'
import { openRoad } from '../../apps/server/src/testing/database-road.js'
import { plateInputs } from '../../apps/server/src/testing/inputs.js'
import { startServerProcess } from '../../e2e/fixtures/server-process.js'
import { randomInteger, randomItem } from '../../packages/core/src/numerics/random.js'
import { ask } from '../ask.js'
import type { Trial } from '../scene.js'

/** ms. What a request may take while the database does not answer: the server's own deadline, and some. */
const LONGEST_MS = 10_000
/** ms of trouble. */
const SHORTEST_MS = 50
const LONGEST_TROUBLE_MS = 1500

/** The database frozen, cut off and back again, under reads and writes: each is answered in words, and what was acknowledged is there. */
export const database: Trial = {
  name: 'database',
  // What it asks of a few operations, broken-database.api.test.ts does.
  hasSlice: false,
  async run(scene) {
    const road = await openRoad(process.env['TEST_DATABASE_URL'] as string)
    const server = await startServerProcess({ demo: false, through: (url) => road.through(url) })
    const { address } = server
    const acknowledged: string[] = []
    const unknown = new Set<string>()
    let isOver = false
    const write = async (writer: number): Promise<void> => {
      for (let count = 0; !isOver; count++) {
        const name = `w${writer}-${count}`
        const answer = await ask(address, '/api/plates', { method: 'POST', body: { ...plateInputs.pad, name } })
        if (answer.status === 201) acknowledged.push(name)
        else if (answer.text.includes('not-known')) unknown.add(name)
        const fault = scene.faultOf(answer, LONGEST_MS)
        scene.tried('a write while the database is in trouble', fault)
        await setTimeout(20)
      }
    }
    const read = async (): Promise<void> => {
      while (!isOver) {
        scene.tried(
          'a read while the database is in trouble',
          scene.faultOf(await ask(address, '/api/plates?pageSize=5'), LONGEST_MS),
        )
        await setTimeout(20)
      }
    }
    try {
      const working = [write(0), write(1), write(2), read()]
      for (let trouble = scene.times(30, 2); trouble > 0; trouble--) {
        await setTimeout(randomInteger(scene.random, 100, 600))
        const kind = randomItem(scene.random, ['cut', 'frozen', 'frozen and cut'] as const)
        if (kind !== 'cut') {
          road.block()
          await setTimeout(randomInteger(scene.random, SHORTEST_MS, LONGEST_TROUBLE_MS))
          road.unblock()
        }
        if (kind !== 'frozen') road.cut()
      }
      isOver = true
      await Promise.all(working)
      await setTimeout(500)
      const { text } = await ask(address, '/api/csv/plates')
      const names = text.split('\n').map((line) => line.split(',')[1])
      const there = new Set(names)
      const lost = acknowledged.filter((name) => !there.has(name))
      scene.tried('what was acknowledged is there', lost.length > 0 ? `lost: ${lost.slice(0, 5).join(' ')}` : undefined)
      const known = new Set(acknowledged)
      const more = names.slice(1).filter((name) => name && !known.has(name) && !unknown.has(name))
      scene.tried('what was refused is not there', more.length > 0 ? `there: ${more.slice(0, 5).join(' ')}` : undefined)
      scene.note('what was acknowledged is there', `${acknowledged.length} writes`)
    } finally {
      isOver = true
      road.unblock()
      await server.close()
      await road.close()
    }
  },
}
