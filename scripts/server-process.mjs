// The server as a child process, so that the database is stopped after it however it ends.
import { spawn } from 'node:child_process'
import { join } from 'node:path'
import { freePort } from './ports.mjs'

export const runServer = (root, env) =>
  spawn(process.execPath, ['--enable-source-maps', join(root, 'apps/server/dist/main.js')], {
    cwd: root,
    // The channel closes when this process ends in any way, and the server then ends too.
    stdio: ['ignore', 'inherit', 'inherit', 'ipc'],
    env: { ...process.env, ...env },
  })

/**
 * Starts the simulated caliper, a process of its own that ends with this one, and returns its address; nothing else depends on it. It
 * speaks only to the pages at `pagesPort`.
 */
export const startCaliper = async (root, pagesPort) => {
  const port = await freePort(4380)
  spawn(process.execPath, [join(root, 'apps/caliper/dist/main.js')], {
    cwd: root,
    stdio: ['ignore', 'ignore', 'inherit', 'ipc'],
    env: { ...process.env, CALIPER_PORT: String(port), PAGES_PORT: String(pagesPort) },
  })
  return `ws://127.0.0.1:${port}/`
}

/** Waits for the children to end, passes signals on to them, then cleans up and ends with the first one's code. */
export const untilEnded = (children, cleanUp) => {
  let asked = false
  let left = children.length
  let code = 0
  const askAll = (signal) => {
    asked = true
    for (const child of children) child.kill(signal)
  }
  for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => askAll('SIGTERM'))
  for (const child of children)
    child.on('exit', (status) => {
      if (!asked) {
        code = status ?? 1
        askAll('SIGTERM')
      }
      left--
      if (left > 0) return
      cleanUp()
      process.exit(code)
    })
}
