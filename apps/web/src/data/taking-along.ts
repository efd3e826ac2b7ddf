import { isToDo } from '@bold-heron/core'
import { type EveningRow, type JobRow, MOST_THUMBNAILS, type Page } from '@bold-heron/schema'
import { kept, keptAs } from './kept/keeping.js'
import { isTonights, planEvening } from './evenings.js'
import { listPath } from './rows.js'
import { keepThumbnails } from './thumbnails.js'

/** Open jobs that are taken along one by one, the rest only in the list. */
const MOST_JOBS = 60

const EVERY = { page: 1, pageSize: 500 }
/** Lists as pages ask for them; the service worker keeps what is answered. */
const LISTS = [
  '/api/who',
  '/api/house-rules',
  '/api/bundle',
  listPath('presses', EVERY),
  listPath('presses', { retired: 'all', ...EVERY }),
  listPath('presses', { pageSize: 500 }),
  listPath('dies', EVERY),
  listPath('dies', { retired: 'all', ...EVERY }),
  listPath('sheets', EVERY),
  listPath('sheets', { retired: 'all', ...EVERY }),
  listPath('plates', { retired: 'all', ...EVERY }),
  '/api/first-photos?of=dies',
  '/api/first-photos?of=plates',
]

/** An answer for the service worker to keep; nothing where there is no connection. */
const fetched = async <Answer>(path: string): Promise<Answer | undefined> => {
  const response = await fetch(path).catch(() => undefined)
  return response?.ok ? ((await response.json()) as Answer) : undefined
}

/** What Plan, Place and the Bench ask for of a job. */
const pathsOf = ({ id, card }: JobRow): string[] => [
  `/api/jobs/${id}`,
  `/api/runs?jobId=${id}&pageSize=1`,
  ...(card ? [`/api/jobs/${id}/place-request`] : []),
]

/** When everything that tonight takes was last taken along, on this device. */
const TAKEN = 'taken-along'
export const takenAlongAt = (): Promise<number | undefined> => keptAs<number>(TAKEN)

/**
 * Has this device hold what an evening at the press takes where the server is out of reach: open jobs, their drawings, the shelf, what the log has
 * taught, and tonight's queue. It asks for little that it has already.
 */
export const takeAlong = async (now: Date): Promise<void> => {
  for (const path of LISTS) if (!(await fetched(path))) return
  const jobs = (await fetched<Page<JobRow>>(listPath('jobs', EVERY)))?.items ?? []
  const open = jobs.filter(({ state }) => isToDo(state)).slice(0, MOST_JOBS)
  const dieIds = [...new Set(open.flatMap(({ runs }) => runs.flatMap((run) => run.dieIds)))]
  await keepThumbnails(dieIds.slice(0, MOST_THUMBNAILS))
  for (const path of open.flatMap(pathsOf)) await fetched(path)
  await kept.write(TAKEN, now.getTime())
  // The newest plan of an evening may take a while to be worked out.
  const evenings = (await fetched<Page<EveningRow>>(listPath('evenings', EVERY)))?.items ?? []
  for (const evening of evenings.filter((each) => isTonights(each, now))) {
    const row = await fetched<EveningRow>(`/api/evenings/${evening.id}`)
    if (row) await planEvening(row.id, row)
  }
}
