import { createServer } from 'node:net'

/** Whether nothing listens on this loopback port. */
export const isFree = (port) =>
  new Promise((resolve) => {
    const probe = createServer()
    probe.once('error', () => resolve(false))
    probe.listen(port, '127.0.0.1', () => probe.close(() => resolve(true)))
  })

/** The first free loopback port from `first` on. */
export const freePort = async (first) => {
  for (let port = first; port < first + 200; port++) if (await isFree(port)) return port
  throw new Error(`no free port between ${first} and ${first + 199}`)
}
