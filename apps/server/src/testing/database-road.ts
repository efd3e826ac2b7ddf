import { connect, createServer, type Socket } from 'node:net'

/** A road to the database that can be blocked, as where the database hangs, and cut, as where it falls. */
export interface DatabaseRoad {
  /** The database's address by this road. */
  readonly through: (databaseUrl: string) => string
  /** Nothing passes any more, either way, and nothing is refused. */
  block(): void
  unblock(): void
  /** Every connection ends at once; new ones are made again. */
  cut(): void
  close(): Promise<void>
}

export const openRoad = async (databaseUrl: string): Promise<DatabaseRoad> => {
  const target = new URL(databaseUrl)
  const sockets = new Set<Socket>()
  let isBlocked = false
  const pauseAs = (socket: Socket) => (isBlocked ? socket.pause() : socket.resume())
  const server = createServer((near) => {
    const far = connect(Number(target.port), target.hostname)
    for (const [from, to] of [
      [near, far],
      [far, near],
    ] as const) {
      sockets.add(from)
      from.on('data', (part) => to.write(part))
      from.on('close', () => {
        sockets.delete(from)
        to.destroy()
      })
      from.on('error', () => to.destroy())
      pauseAs(from)
    }
  })
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve))
  const address = server.address() as { readonly port: number }
  return {
    through: (url) => Object.assign(new URL(url), { hostname: '127.0.0.1', port: String(address.port) }).href,
    block() {
      isBlocked = true
      sockets.forEach(pauseAs)
    },
    unblock() {
      isBlocked = false
      sockets.forEach(pauseAs)
    },
    cut() {
      for (const socket of sockets) socket.destroy()
    },
    async close() {
      for (const socket of sockets) socket.destroy()
      await new Promise((resolve) => server.close(resolve))
    },
  }
}
