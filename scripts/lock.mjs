// One holder at a time of what belongs to a data folder. The lock is a name that the kernel gives away once and takes back when its
// holder ends, however it ends: nothing is left behind that could be stale.
import { createHash } from 'node:crypto'
import { mkdirSync, realpathSync } from 'node:fs'
import { connect, createServer } from 'node:net'
import { join } from 'node:path'

const AGAIN_MS = 200

const nameOf = (root, what) => {
  const folder = join(root, '.data')
  mkdirSync(folder, { recursive: true })
  const hash = createHash('sha256').update(realpathSync(folder)).digest('hex').slice(0, 24)
  // A name that starts with a zero stands in no folder (unix(7), abstract sockets).
  return `\0bold-heron-${hash}-${what}`
}

/**
 * Takes the lock on `what` of a checkout's data folder; undefined where another process holds it. Whoever asks the holder then hears
 * what it tells with `tell`. It is held until `release`, or until this process ends.
 */
export const takeLock = (root, what) =>
  new Promise((resolve, reject) => {
    let told
    const asking = new Set()
    const server = createServer((socket) => {
      asking.add(socket)
      socket.on('error', () => undefined)
      socket.on('close', () => asking.delete(socket))
      if (told !== undefined) socket.end(told)
    })
    server.once('error', (error) => (error.code === 'EADDRINUSE' ? resolve(undefined) : reject(error)))
    server.listen(nameOf(root, what), () => {
      server.unref()
      resolve({
        tell(line) {
          told = line
          for (const socket of asking) socket.end(line)
        },
        release() {
          for (const socket of asking) socket.destroy()
          return new Promise((closed) => server.close(closed))
        },
      })
    })
  })

/** What the holder of a lock tells, once it does; undefined where it ends, or lets go, without a word. */
export const askHolder = (root, what) =>
  new Promise((resolve) => {
    let heard = ''
    const socket = connect(nameOf(root, what))
    socket.on('data', (part) => (heard += String(part)))
    socket.on('error', () => resolve(undefined))
    socket.on('close', () => resolve(heard === '' ? undefined : heard))
  })

/** Does something while holding a lock; where another process holds it, after that one. */
export const withLock = async (root, what, work) => {
  let lock = await takeLock(root, what)
  while (!lock) {
    await askHolder(root, what)
    await new Promise((resolve) => setTimeout(resolve, AGAIN_MS))
    lock = await takeLock(root, what)
  }
  try {
    return await work()
  } finally {
    await lock.release()
  }
}
