import { Agent, request } from 'node:http'

/** What many devices met that asked again and again. */
export interface Met {
  readonly perSecond: number
  /** ms. */
  readonly p50: number
  readonly p99: number
  /** Answers by their status. */
  readonly statuses: ReadonlyMap<number, number>
}

export interface Asked {
  readonly path: string
  readonly body?: object
}

const askOver = (agent: Agent, address: string, { path, body }: Asked): Promise<number> =>
  new Promise((resolve, reject) => {
    const sent = body === undefined ? undefined : Buffer.from(JSON.stringify(body))
    const asked = request(
      new URL(path, address),
      {
        agent,
        method: sent ? 'POST' : 'GET',
        headers: sent ? { 'Content-Type': 'application/json', 'Content-Length': sent.byteLength } : {},
      },
      (response) => {
        response.resume()
        response.on('end', () => resolve(response.statusCode ?? 0))
      },
    )
    asked.on('error', reject)
    asked.end(sent)
  })

const at = (sorted: readonly number[], share: number): number =>
  sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] ?? NaN

/** So many devices, each on a connection of its own, ask one after another for so long (s). */
export const manyAsk = async (
  address: string,
  devices: number,
  seconds: number,
  next: (device: number) => Asked,
): Promise<Met> => {
  const agent = new Agent({ keepAlive: true, maxSockets: devices })
  const taken: number[] = []
  const statuses = new Map<number, number>()
  const from = performance.now()
  const isOver = (): boolean => performance.now() - from > 1000 * seconds
  const device = async (which: number): Promise<void> => {
    while (!isOver()) {
      const began = performance.now()
      const status = await askOver(agent, address, next(which))
      taken.push(performance.now() - began)
      statuses.set(status, (statuses.get(status) ?? 0) + 1)
    }
  }
  await Promise.all(Array.from({ length: devices }, (_, which) => device(which)))
  const took = (performance.now() - from) / 1000
  agent.destroy()
  taken.sort((a, b) => a - b)
  return { perSecond: taken.length / took, p50: at(taken, 0.5), p99: at(taken, 0.99), statuses }
}
