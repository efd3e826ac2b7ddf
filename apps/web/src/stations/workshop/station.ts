import { Settings2 } from 'lucide-react'
import type { Station, StationNav } from '../station.js'
import type { workshop as words } from './text/en.js'

/** House rules and files. */
export const workshop: Station<'workshop', { workshop: typeof words }, StationNav<false>> = {
  id: 'workshop',
  nav: { key: 'w', icon: Settings2, withJob: false },
  routes: [{ index: true, lazy: () => import('./WorkshopStation.js') }],
}
