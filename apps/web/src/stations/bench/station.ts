import { Hammer } from 'lucide-react'
import type { Station, StationNav } from '../station.js'
import type { bench as ownWords } from './own-words/en.js'
import type { bench as words } from './text/en.js'

/** A job, a step at a time. */
export const bench: Station<'bench', { bench: typeof words & typeof ownWords }, StationNav<'job'>> = {
  id: 'bench',
  nav: { at: 'job', key: 'b', icon: Hammer },
  ofJob: [{ path: 'bench', lazy: () => import('./BenchStation.js') }],
}
