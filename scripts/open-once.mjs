// A data folder is open once: a second start says where, and ends well.
import { askHolder, takeLock } from './lock.mjs'
import { say } from './say.mjs'

/**
 * Takes the lock of whoever has the workshop open. Where another start has it, waits until that one is open, says where, and ends this
 * process; should that one give up, this one goes on in its place.
 */
export const holdOpen = async (root) => {
  for (;;) {
    const lock = await takeLock(root, 'open')
    if (lock) return lock
    const address = await askHolder(root, 'open')
    if (address) {
      say(`already open at ${address}`)
      process.exit(0)
    }
  }
}
