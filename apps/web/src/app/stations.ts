import {
  ClipboardList,
  Dumbbell,
  Hammer,
  Layers,
  PencilRuler,
  type LucideIcon,
  NotebookPen,
  Settings2,
  Warehouse,
} from 'lucide-react'

/** The stations a job travels through, in the order people work; `key` goes there after `g`. */
export const stations: readonly {
  readonly id: 'jobs' | 'shelf' | 'plan' | 'place' | 'bench' | 'log' | 'practice' | 'workshop'
  readonly key: string
  readonly icon: LucideIcon
  /** Whether the job in hand goes along in the address. */
  readonly withJob: boolean
}[] = [
  { id: 'jobs', key: 'j', icon: ClipboardList, withJob: false },
  { id: 'shelf', key: 's', icon: Warehouse, withJob: false },
  { id: 'plan', key: 'p', icon: Layers, withJob: true },
  { id: 'place', key: 'c', icon: PencilRuler, withJob: true },
  { id: 'bench', key: 'b', icon: Hammer, withJob: true },
  { id: 'log', key: 'l', icon: NotebookPen, withJob: false },
  { id: 'practice', key: 'x', icon: Dumbbell, withJob: false },
  { id: 'workshop', key: 'w', icon: Settings2, withJob: false },
]

/** Where a station is, with the job in hand where it goes along. */
export const stationPath = ({ id, withJob }: (typeof stations)[number], jobId: string | undefined): string =>
  withJob && jobId !== undefined ? `/${id}/${jobId}` : `/${id}`
