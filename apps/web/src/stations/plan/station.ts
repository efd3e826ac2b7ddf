import { Layers } from 'lucide-react'
import type { Station, StationNav } from '../station.js'
import type { plan as words } from './text/en.js'

/** The stack and the passes of a job. */
export const plan: Station<'plan', { plan: typeof words }, StationNav<true>> = {
  id: 'plan',
  nav: { key: 'p', icon: Layers, withJob: true },
  keys: [
    { keys: ['Alt + ↑ ↓'], does: 'moveLayer' },
    { keys: ['Delete'], does: 'takeOut' },
    { keys: ['Ctrl + Z'], does: 'undo' },
  ],
  routes: [{ path: ':jobId', lazy: () => import('./PlanStation.js') }],
}
