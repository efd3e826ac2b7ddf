import { randomUUID } from 'node:crypto'
import { request } from 'node:http'
import { setTimeout } from 'node:timers/promises'
import type { EveningRow, JobRow, RunRow } from '@bold-heron/schema'
import { startServerProcess } from '../../e2e/fixtures/server-process.js'
import { randomInteger, randomItem, type RandomSource, seededRandom } from '../../packages/core/src/numerics/random.js'
import { ask, rowsOf } from '../ask.js'
import { watchOthers } from '../others.js'
import type { Scene, Trial } from '../scene.js'

/** ms. Nobody meets an error for longer, though the server is killed meanwhile. */
const LONGEST_ERROR_MS = 5000
/** ms between what a device asks. */
const BREATH_MS = 20

/** Runs of an evening as somebody had them: from when that was acknowledged until they gave them back. */
interface Held {
  readonly batchId: string
  readonly holder: string
  readonly from: number
  readonly until: number
}

/** One device at the press: it takes runs, logs what it pressed until that is acknowledged, and gives them back. */
class Device {
  readonly holder = randomUUID()
  readonly held: Held[] = []
  readonly logged: string[] = []
  longestErrorMs = 0
  private errorFrom: number | undefined

  constructor(
    private readonly address: string,
    private readonly evening: EveningRow,
    private readonly like: RunRow,
    private readonly random: RandomSource,
  ) {}

  /** Asks until there is an answer; how long it met none is noted. */
  private async surely(path: string, method: string, body: object): Promise<number> {
    for (;;) {
      const { status } = await ask(this.address, path, { method, body, patienceMs: 4000 })
      if (status !== 0 && status < 500) {
        this.noteError(false)
        return status
      }
      this.noteError(true)
      await setTimeout(BREATH_MS)
    }
  }

  private noteError(isOne: boolean): void {
    if (isOne) this.errorFrom ??= performance.now()
    else if (this.errorFrom !== undefined) {
      this.longestErrorMs = Math.max(this.longestErrorMs, performance.now() - this.errorFrom)
      this.errorFrom = undefined
    }
  }

  async until(isOver: () => boolean): Promise<void> {
    const at = `/api/evenings/${this.evening.id}/claims`
    while (!isOver()) {
      const { jobId } = randomItem(this.random, this.evening.jobs)
      const pressId = this.evening.presses[0]?.pressId ?? ''
      const wish = { batchId: jobId, pressId, holder: this.holder }
      const status = await this.surely(at, 'POST', wish)
      if (status === 200 || status === 201) {
        const from = performance.now()
        const id = randomUUID()
        await this.surely(`/api/bench-runs/${id}`, 'PUT', { ...this.like, jobId, at: new Date().toISOString() })
        this.logged.push(id)
        // From here on somebody else may have them, whether or not this was heard.
        this.held.push({ batchId: jobId, holder: this.holder, from, until: performance.now() })
        await this.surely(`${at}/let-go`, 'POST', wish)
      }
      await setTimeout(randomInteger(this.random, 1, BREATH_MS))
    }
  }
}

/** Two devices that had the same runs at the same time. */
const atOnce = (held: readonly Held[]): string | undefined => {
  for (const batchId of new Set(held.map((each) => each.batchId))) {
    const inOrder = held.filter((each) => each.batchId === batchId).sort((a, b) => a.from - b.from)
    const clash = inOrder.find((each, at) => {
      const next = inOrder[at + 1]
      return next && next.holder !== each.holder && next.from < each.until
    })
    if (clash) return `${batchId} was had by two at once`
  }
  return undefined
}

/** The server killed in a storm of devices: nothing that was acknowledged is lost or there twice, nobody has another's runs, and it is soon back. */
const storm = async (scene: Scene): Promise<void> => {
  const server = await startServerProcess({ demo: true })
  try {
    const { address } = server
    const [evening] = await rowsOf<EveningRow>(address, '/api/evenings')
    const [like] = await rowsOf<RunRow>(address, '/api/runs?pageSize=1')
    if (!evening || !like) throw new Error('the demo has no evening, or no run')
    const before = (await rowsOf<JobRow>(address, '/api/jobs?pageSize=100')).length
    let isOver = false
    const devices = Array.from(
      { length: scene.times(40, 6) },
      (_, at) => new Device(address, evening, like, seededRandom(scene.seed * 1000 + at)),
    )
    const all = Promise.all(devices.map((device) => device.until(() => isOver)))
    for (let cycle = scene.times(12, 1); cycle > 0; cycle--) {
      // Long enough for everybody to be answered in between: an error is that of one kill.
      await setTimeout(randomInteger(scene.random, 1500, 3500))
      await server.kill()
      await server.restart()
    }
    await setTimeout(1500)
    isOver = true
    await all
    scene.tried('nobody has another’s runs', atOnce(devices.flatMap(({ held }) => held)))
    const longest = Math.max(...devices.map(({ longestErrorMs }) => longestErrorMs))
    scene.tried('nobody meets an error for long', scene.tooLong(longest, LONGEST_ERROR_MS))
    scene.note('nobody meets an error for long', `${Math.round(longest)} ms at most`)
    for (const id of devices.flatMap(({ logged }) => logged)) {
      const { status } = await ask(address, `/api/runs/${id}`)
      scene.tried('a run that was acknowledged is there', status === 200 ? undefined : `${id}: ${status}`)
    }
    const after = (await rowsOf<JobRow>(address, '/api/jobs?pageSize=100')).length
    scene.tried('nothing else is there', after === before ? undefined : `${after} jobs of ${before}`)
  } finally {
    await server.close()
  }
}

/** A stream of news that is held open; undefined where it was refused. */
const stream = (address: string): Promise<{ readonly status: number; end(): void }> =>
  new Promise((resolve) => {
    const asked = request(new URL('/api/news', address), { agent: false }, (response) => {
      response.resume()
      resolve({ status: response.statusCode ?? 0, end: () => asked.destroy() })
    })
    asked.on('error', () => resolve({ status: 0, end: () => undefined }))
    asked.end()
  })

/** Streams held open by the thousand: some are refused in words, and nobody else waits. */
const streams = async (scene: Scene): Promise<void> => {
  const server = await startServerProcess({ demo: false })
  try {
    const others = watchOthers(server.address)
    const open = await Promise.all(Array.from({ length: scene.times(1500, 60) }, () => stream(server.address)))
    for (const { status } of open)
      scene.tried('a stream among a thousand', [200, 503].includes(status) ? undefined : `answered ${status}`)
    for (const each of open) each.end()
    scene.othersMet(await others.end())
    const again = await stream(server.address)
    scene.tried('a stream after all of them ended', again.status === 200 ? undefined : `answered ${again.status}`)
    again.end()
  } finally {
    await server.close()
  }
}

/** Many devices at once, on one evening's queue and on what is new. */
export const devices: Trial = {
  name: 'devices',
  hasSlice: false,
  async run(scene) {
    await storm(scene)
    await streams(scene)
  },
}
