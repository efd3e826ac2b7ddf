import { startServerProcess } from '../e2e/fixtures/server-process.js'
import { watchOthers } from '../hardening/others.js'
import { madeWorkshop, LONG_LOG } from './workshops/long-log.js'
import { medianMs, short } from './stopwatch.js'

/** ms a page, a plan request and pad wear may take, and s an import; what is measured is told beside it. */
const GOALS = { page: 300, request: 400, wear: 300, importS: 20, othersMs: 1000 }

interface Asked {
  readonly what: string
  readonly path: string
  readonly goalMs: number
}

const answer = async (address: string, path: string): Promise<number> => {
  const response = await fetch(address + path)
  const { byteLength } = await response.arrayBuffer()
  if (!response.ok) throw new Error(`${path}: ${response.status}`)
  return byteLength
}

/**
 * A workshop of twenty years: how long its lists, pages and requests take, as shares of a health check in the same run (which touches the
 * database and nothing else), and in ms of this machine beside the goals.
 */
export const benchLongLog = async (seed: number): Promise<void> => {
  const file = JSON.stringify(madeWorkshop(seed))
  const served = await startServerProcess({ demo: false })
  const { address } = served
  try {
    const others = watchOthers(address)
    const from = performance.now()
    const imported = await fetch(`${address}/api/workshop`, {
      method: 'PUT',
      headers: { 'Content-Type': 'application/json' },
      body: file,
    })
    const importS = (performance.now() - from) / 1000
    if (!imported.ok) throw new Error(`the workshop was refused: ${(await imported.text()).slice(0, 500)}`)
    const { longestMs: othersMs } = await others.end()
    const list = async (path: string) =>
      ((await (await fetch(address + path)).json()) as { items: { id: string }[] }).items
    const [job] = await list('/api/jobs?pageSize=1')
    const [press] = await list('/api/presses?pageSize=1')
    const [run] = await list('/api/runs?pageSize=1')
    const [die] = await list('/api/dies?pageSize=1')
    const asked: readonly Asked[] = [
      ...['runs', 'plates', 'dies', 'sheets', 'jobs'].map((name) => ({
        what: `${name}, a page of 50`,
        path: `/api/${name}?pageSize=50`,
        goalMs: GOALS.page,
      })),
      { what: 'runs, the last page', path: `/api/runs?page=400&pageSize=50`, goalMs: GOALS.page },
      { what: 'runs of 500', path: `/api/runs?pageSize=500`, goalMs: GOALS.page },
      { what: 'runs of a die', path: `/api/runs?dieId=${die?.id}`, goalMs: GOALS.page },
      { what: 'runs that hang', path: `/api/runs?seen=hanging&page=40`, goalMs: GOALS.page },
      { what: 'one run', path: `/api/runs/${run?.id}`, goalMs: GOALS.page },
      { what: 'one job', path: `/api/jobs/${job?.id}`, goalMs: GOALS.page },
      { what: 'learning of a press', path: `/api/presses/${press?.id}/learning`, goalMs: GOALS.page },
      { what: 'recipes of a job', path: `/api/jobs/${job?.id}/recipes`, goalMs: GOALS.page },
      { what: 'plan request', path: `/api/jobs/${job?.id}/plan-request`, goalMs: GOALS.request },
      { what: 'place request', path: `/api/jobs/${job?.id}/place-request`, goalMs: GOALS.request },
      { what: 'pad wear', path: '/api/pad-wear', goalMs: GOALS.wear },
    ]
    const healthMs = await medianMs(20, () => answer(address, '/api/health'))
    console.log(
      `long log: ${LONG_LOG.runs} runs, ${LONG_LOG.plates} plates, ${LONG_LOG.dies} dies, ${LONG_LOG.jobs} jobs`,
    )
    console.log(`  import of ${short(file.length / 1e6)} MB     ${short(importS)} s (goal ${GOALS.importS})`)
    console.log(`  others meanwhile waited   ${short(othersMs)} ms at most (goal ${GOALS.othersMs})`)
    for (const { what, path, goalMs } of asked) {
      const bytes = await answer(address, path)
      const ms = await medianMs(5, () => answer(address, path))
      const line = `${short(ms / healthMs)} × a health check, ${short(ms)} ms (goal ${goalMs}), ${Math.round(bytes / 1000)} kB`
      console.log(`  ${what.padEnd(25)} ${line}${ms > goalMs ? '  MISSED' : ''}`)
    }
  } finally {
    await served.close()
  }
}
