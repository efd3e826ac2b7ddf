import { spawn } from 'node:child_process'
import { randomUUID } from 'node:crypto'
import { setTimeout as pause } from 'node:timers/promises'
import { fileURLToPath } from 'node:url'
import pg from 'pg'
import { startServerProcess } from '../e2e/fixtures/server-process.js'
import type { EveningRow, Page } from '@bold-heron/schema'
import { type Asked, manyAsk, type Met } from './many/devices.js'
import { short } from './stopwatch.js'

const DEVICES = 200
const SECONDS = 8
/** Of the bare framework and driver. */
const GOAL = 0.5
/** How often it is measured how long news takes. */
const NEWS = 30
/** ms. Nobody waits longer for news. */
const LONGEST_MS = 5000

const startBare = async (databaseUrl: string) => {
  const bare = spawn(process.execPath, [fileURLToPath(new URL('many/bare-server.mjs', import.meta.url))], {
    stdio: ['ignore', 'pipe', 'inherit'],
    env: { ...process.env, DATABASE_URL: databaseUrl },
  })
  const address = await new Promise<string>((resolve) =>
    bare.stdout.on('data', (said: Buffer) => {
      const open = /open at (\S+)\//.exec(said.toString())
      if (open) resolve(open[1] as string)
    }),
  )
  return { address, end: () => bare.kill() }
}

const told = (what: string, ours: Met, bare: Met): void => {
  const share = ours.perSecond / bare.perSecond
  const met = [...ours.statuses].map(([status, count]) => `${count} × ${status}`).join(', ')
  console.log(
    `  ${what.padEnd(26)} ${Math.round(ours.perSecond)} a second, ${short(share)} of the bare ${Math.round(bare.perSecond)} (goal ${GOAL})${share < GOAL ? '  MISSED' : ''}; ` +
      `p50 ${short(ours.p50)} ms, p99 ${short(ours.p99)} ms (bare ${short(bare.p99)}); ${met}`,
  )
}

/** ms until another page hears of a change, from the moment that it was asked for. */
const newsAfter = async (address: string, change: () => Promise<unknown>): Promise<number[]> => {
  const gone = new AbortController()
  const response = await fetch(`${address}/api/news`, { signal: gone.signal })
  const heard: (() => void)[] = []
  const listen = async () => {
    const decoder = new TextDecoder()
    for await (const part of response.body as unknown as AsyncIterable<Uint8Array>)
      if (decoder.decode(part).includes('evenings')) heard.shift()?.()
  }
  listen().catch(() => undefined)
  const taken: number[] = []
  for (let turn = 0; turn < NEWS; turn++) {
    const from = performance.now()
    const hears = new Promise<void>((resolve) => heard.push(resolve))
    await change()
    await Promise.race([hears, pause(LONGEST_MS)])
    taken.push(performance.now() - from)
  }
  gone.abort()
  return taken.sort((a, b) => a - b)
}

/**
 * Two hundred devices on one evening's queue: reads of it and claims on its runs, as shares of what the bare framework and driver do with one query
 * each on the same database in the same run; and how soon a page hears of a change, quiet and amid all of them.
 */
export const benchMany = async (): Promise<void> => {
  const served = await startServerProcess({ demo: true })
  const { address, database } = served
  const bare = await startBare(database.url)
  const client = new pg.Client({ connectionString: database.url })
  try {
    await client.connect()
    await client.query('CREATE TABLE bare_claims (LIKE batch_claims INCLUDING ALL)')
    const [evening] = ((await (await fetch(`${address}/api/evenings`)).json()) as Page<EveningRow>).items
    if (!evening) throw new Error('the demo has no evening')
    const pressId = evening.presses[0]?.pressId ?? ''
    const holders = Array.from({ length: DEVICES }, () => randomUUID())
    const claim = (device: number): object => ({
      batchId: randomFor(device),
      pressId,
      holder: holders[device],
      plateIds: [],
    })
    const batches = holders.map(() => randomUUID())
    const randomFor = (device: number): string => batches[device] as string
    const reads = (path: string) => (): Asked => ({ path })
    const writes =
      (path: string) =>
      (device: number): Asked => ({ path, body: claim(device) })
    const ours = { read: `/api/evenings/${evening.id}`, write: `/api/evenings/${evening.id}/claims` }
    const theirs = { read: `/evenings/${evening.id}`, write: `/evenings/${evening.id}/claims` }
    await manyAsk(address, 20, 1, reads(ours.read))
    await manyAsk(bare.address, 20, 1, reads(theirs.read))
    console.log(`many: ${DEVICES} devices on one evening's queue, ${SECONDS} s each`)
    told(
      'reads of the queue',
      await manyAsk(address, DEVICES, SECONDS, reads(ours.read)),
      await manyAsk(bare.address, DEVICES, SECONDS, reads(theirs.read)),
    )
    const from = performance.now()
    await Promise.all(holders.map((_, device) => manyAsk(address, 1, 0.001, () => writes(ours.write)(device))))
    const tookMs = performance.now() - from
    console.log(`  runs taken by all at once  ${DEVICES} in ${short(tookMs / 1000)} s`)
    told(
      'claims held on to',
      await manyAsk(address, DEVICES, SECONDS, writes(ours.write)),
      await manyAsk(bare.address, DEVICES, SECONDS, writes(theirs.write)),
    )
    // Two take the same runs from each other by turns: somebody else is at them each time.
    let turn = 1
    const change = () =>
      fetch(address + ours.write, {
        method: 'POST',
        headers: { 'Content-Type': 'application/json' },
        body: JSON.stringify({ ...claim(0), holder: holders[turn++ % 2], overrule: true }),
      })
    const quiet = await newsAfter(address, change)
    const busy = manyAsk(address, DEVICES, SECONDS, (device) =>
      device % 4 === 0 ? writes(ours.write)(device) : reads(ours.read)(),
    )
    await pause(1000)
    const amid = await newsAfter(address, change)
    const mixed = await busy
    console.log(
      `  news of a change           heard after ${short(quiet[NEWS >> 1] as number)} ms, at most ${short(quiet.at(-1) as number)}; amid all ${short(amid[NEWS >> 1] as number)} ms, at most ${short(amid.at(-1) as number)} (goal 1000)`,
    )
    console.log(`  reads and claims mixed     ${Math.round(mixed.perSecond)} a second, p99 ${short(mixed.p99)} ms`)
  } finally {
    bare.end()
    await client.end()
    await served.close()
  }
}
