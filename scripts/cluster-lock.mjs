// PostgreSQL's own lock file, after a power cut: it may name a process that is somebody else's by now.
import { existsSync, readdirSync, readFileSync, readlinkSync, realpathSync, rmSync } from 'node:fs'
import { join } from 'node:path'

/** The folder a process works in; every process of a running cluster works in its data folder. Undefined where it may not be seen. */
const workingFolderOf = (pid) => {
  try {
    return readlinkSync(`/proc/${pid}/cwd`)
  } catch {
    return undefined
  }
}

/**
 * Removes the lock file of a cluster that no process works in. PostgreSQL judges it by whether the process that it names is there; after
 * the machine went down that number may be another program's of the same user. Where that process works in another folder, and nobody
 * else in this one, the file is nobody's.
 */
export const removeLockOfNobody = (folder) => {
  const file = join(folder, 'postmaster.pid')
  if (!existsSync(file)) return false
  const named = Number(readFileSync(file, 'utf8').split('\n')[0])
  const real = realpathSync(folder)
  const where = workingFolderOf(named)
  if (where === undefined && existsSync(`/proc/${named}`)) return false
  const isWorkedIn = readdirSync('/proc').some((entry) => /^\d+$/.test(entry) && workingFolderOf(entry) === real)
  if (isWorkedIn) return false
  rmSync(file, { force: true })
  return true
}
