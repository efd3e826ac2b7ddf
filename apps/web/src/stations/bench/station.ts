import { Hammer } from 'lucide-react'
import type { Station, StationNav } from '../station.js'
import type { bench as words } from './text/en.js'

/** A job, a step at a time. */
export const bench: Station<'bench', { bench: typeof words }, StationNav<true>> = {
  id: 'bench',
  nav: { key: 'b', icon: Hammer, withJob: true },
  routes: [{ path: ':jobId', lazy: () => import('./BenchStation.js') }],
}
