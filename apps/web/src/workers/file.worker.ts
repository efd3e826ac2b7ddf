import { workshopFile, type WorkshopFile } from '@bold-heron/schema'
import { expose } from 'comlink'

/** What a workshop file holds, in a line. */
export interface FileInBrief {
  readonly exportedAt: string
  readonly plates: number
  readonly presses: number
  readonly dies: number
  readonly sheets: number
  readonly jobs: number
  readonly runs: number
}

const read = async (file: Blob): Promise<WorkshopFile | undefined> => {
  try {
    return workshopFile.safeParse(JSON.parse(await file.text())).data
  } catch {
    return undefined
  }
}

/** Whole workshops are long: they are read here, and pass through the page as they are. */
const files = {
  /** Undefined for a file that is no workshop. */
  brief: async (file: Blob): Promise<FileInBrief | undefined> => {
    const workshop = await read(file)
    if (!workshop) return undefined
    const { exportedAt, plates, presses, dies, sheets, jobs, runs } = workshop
    return {
      exportedAt,
      plates: plates.length,
      presses: presses.length,
      dies: dies.length,
      sheets: sheets.length,
      jobs: jobs.length,
      runs: runs.length,
    }
  },
  /** The workshop without its shelf, jobs and log; house rules stay. */
  emptied: async (file: Blob): Promise<Blob> => {
    const workshop = await read(file)
    const none = { plates: [], presses: [], dies: [], sheets: [], jobs: [], runs: [], recipes: [], photos: [] }
    return new Blob([JSON.stringify({ ...workshop, ...none })], { type: 'application/json' })
  },
}
export type FileWorker = typeof files

expose(files)
