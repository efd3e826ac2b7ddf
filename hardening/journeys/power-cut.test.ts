import { afterAll, expect, it } from 'vitest'
import { startServerProcess } from '../../e2e/fixtures/server-process.js'

const application = await startServerProcess({ demo: true })
afterAll(() => application.close())

const WRITERS = 6

it('a server killed in the middle of saving loses nothing it acknowledged, and keeps nothing by halves', async () => {
  const presses = (await (await fetch(`${application.address}/api/presses?q=Library`)).json()) as {
    items: { id: string; knownGood: unknown[] }[]
  }
  const model = presses.items[0]!
  const acknowledged: string[] = []
  let stopped = false
  const write = async (writer: number): Promise<void> => {
    for (let count = 0; !stopped; count++) {
      const name = `Press ${writer}-${count}`
      try {
        const answer = await fetch(`${application.address}/api/presses`, {
          method: 'POST',
          headers: { 'Content-Type': 'application/json' },
          body: JSON.stringify({ ...model, name }),
        })
        if (answer.status === 201) acknowledged.push(name)
      } catch {
        return
      }
    }
  }
  const writers = Array.from({ length: WRITERS }, (_, writer) => write(writer))
  while (acknowledged.length < 60) await new Promise((resolve) => setImmediate(resolve))
  await application.kill()
  stopped = true
  await Promise.all(writers)
  await application.restart()

  const { items } = (await (await fetch(`${application.address}/api/presses?q=Press&pageSize=500`)).json()) as {
    items: { name: string; knownGood: unknown[] }[]
  }
  const names = new Set(items.map((press) => press.name))
  expect(acknowledged.filter((name) => !names.has(name))).toEqual([])
  // A press and its known-good stacks are saved together or not at all.
  for (const press of items) if (/^Press \d+-\d+$/.test(press.name)) expect(press.knownGood).toEqual(model.knownGood)
})
