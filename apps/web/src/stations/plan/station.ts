import { Layers } from 'lucide-react'
import type { Station, StationNav } from '../station.js'
import type { plan as ownWords } from './own-words/en.js'
import type { plan as words } from './text/en.js'

/** The stack and the passes of a job. */
export const plan: Station<'plan', { plan: typeof words & typeof ownWords }, StationNav<'job'>> = {
  id: 'plan',
  nav: { at: 'job', key: 'p', icon: Layers },
  keys: [
    { keys: ['Alt + ↑ ↓'], does: 'moveLayer' },
    { keys: ['Delete'], does: 'takeOut' },
    { keys: ['Ctrl + Z'], does: 'undo' },
  ],
  ofJob: [{ path: 'plan', lazy: () => import('./PlanStation.js') }],
}
