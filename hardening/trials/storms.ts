import { startServerProcess } from '../../e2e/fixtures/server-process.js'
import { randomInteger, randomItem } from '../../packages/core/src/numerics/random.js'
import { type Answer, ask, rowsOf } from '../ask.js'
import { watchOthers } from '../others.js'
import { LONGEST_MS, type Scene, type Trial } from '../scene.js'

interface Row {
  readonly id: string
  readonly version: number
  readonly [field: string]: unknown
}

/** What may be answered to somebody who is not alone. */
const TOLD = new Set([200, 201, 404, 409, 412, 422, 503])

const judged = (scene: Scene, what: string, answer: Answer, longestMs = LONGEST_MS): void =>
  scene.tried(
    what,
    scene.faultOf(answer, longestMs) ??
      (TOLD.has(answer.status) ? undefined : `${answer.status}: ${answer.text.slice(0, 200)}`),
  )

/** Many save one row from one version: one of them is taken, the others are told, and what stands is what one of them sent. */
const onOneRow = async (scene: Scene, address: string): Promise<void> => {
  for (let round = scene.times(40, 2); round > 0; round--) {
    const [plate] = await rowsOf<Row>(address, '/api/plates?pageSize=1')
    if (!plate) return
    const answers = await Promise.all(
      Array.from({ length: 20 }, (_, at) =>
        ask(address, `/api/plates/${plate.id}`, {
          method: 'PUT',
          headers: { 'If-Match': `"${plate.version}"` },
          body: { ...plate, note: `round ${round}, hand ${at}` },
        }),
      ),
    )
    for (const answer of answers) judged(scene, 'saves of one row at once', answer)
    const taken = answers.filter(({ status }) => status === 200)
    const now = JSON.parse((await ask(address, `/api/plates/${plate.id}`)).text) as Row
    const sent = taken[0] ? (JSON.parse(taken[0].text) as Row) : undefined
    const isRight = taken.length === 1 && now.version === plate.version + 1 && now['note'] === sent?.['note']
    scene.tried('one save of many is taken', isRight ? undefined : `${taken.length} were, version ${now.version}`)
  }
}

/** Many log runs for one job: the pieces of the job are those of the runs that were taken. */
const onOneJob = async (scene: Scene, address: string): Promise<void> => {
  const [run] = await rowsOf<Row>(address, '/api/runs?pageSize=1')
  if (!run) return
  const jobAt = `/api/jobs/${String(run['jobId'])}`
  const pieces = async (): Promise<number> => (JSON.parse((await ask(address, jobAt)).text) as { cut: number }).cut
  for (let round = scene.times(20, 1); round > 0; round--) {
    const before = await pieces()
    const answers = await Promise.all(
      Array.from({ length: 24 }, () =>
        ask(address, '/api/runs', { method: 'POST', body: { ...run, pieces: 1, finishes: true } }),
      ),
    )
    for (const answer of answers) judged(scene, 'runs of one job at once', answer)
    const taken = answers.filter(({ status }) => status === 201).length
    // Of those that were told that it is not known, any number may be there.
    const unknown = answers.filter(({ text }) => text.includes('not-known')).length
    const counted = (await pieces()) - before
    const isRight = counted >= taken && counted <= taken + unknown
    scene.tried('pieces are those of the runs', isRight ? undefined : `${counted} of ${taken}`)
  }
}

/** Whole workshops in and out, beside people who save and read. */
const onEverything = async (scene: Scene, address: string): Promise<void> => {
  const { random } = scene
  const workshop = (await ask(address, '/api/workshop')).text
  const { runs, sheets } = JSON.parse(workshop) as { runs: Row[]; sheets: Row[] }
  const doings: (() => Promise<Answer>)[] = [
    () => ask(address, '/api/workshop', { method: 'PUT', raw: { type: 'application/json', content: workshop } }),
    () => ask(address, '/api/workshop'),
    () => ask(address, '/api/csv/runs'),
    () => ask(address, '/api/pad-wear'),
    () => ask(address, '/api/runs?pageSize=100'),
    () => ask(address, '/api/runs', { method: 'POST', body: runs[0] }),
    () => ask(address, '/api/sheets', { method: 'POST', body: sheets[0] }),
  ]
  for (let round = scene.times(12, 1); round > 0; round--) {
    const answers = await Promise.all(
      Array.from({ length: randomInteger(random, 6, scene.times(20, 6)) }, () => randomItem(random, doings)()),
    )
    for (const answer of answers) {
      judged(scene, 'imports, exports and saves at once', answer, 12 * LONGEST_MS)
      // An export is of one moment: whole, whatever was put in its place meanwhile.
      if (answer.status === 200 && answer.text.startsWith('{"format":"bold-heron/workshop"')) {
        const { jobs, runs } = JSON.parse(answer.text) as { jobs: Row[]; runs: Row[] }
        const ids = new Set(jobs.map(({ id }) => id))
        const torn = runs.find((run) => !ids.has(run['jobId'] as string))
        scene.tried('an export amid saves is whole', torn && `run ${torn.id} is of no job`)
      }
    }
  }
}

/** Many at once on one row, one job, and the whole workshop. */
export const storms: Trial = {
  name: 'storms',
  hasSlice: false,
  async run(scene) {
    const server = await startServerProcess({ demo: true })
    try {
      const { address } = server
      const others = watchOthers(address)
      await onOneRow(scene, address)
      await onOneJob(scene, address)
      await onEverything(scene, address)
      scene.othersMet(await others.end())
    } finally {
      await server.close()
    }
  },
}
