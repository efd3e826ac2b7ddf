import { Settings2 } from 'lucide-react'
import type { Station, StationNav } from '../station.js'
import type { workshop as ownWords } from './own-words/en.js'
import type { workshop as words } from './text/en.js'

/** House rules and files. */
export const workshop: Station<'workshop', { workshop: typeof words & typeof ownWords }, StationNav<'rest'>> = {
  id: 'workshop',
  nav: { at: 'rest', key: 'w', icon: Settings2 },
  routes: [
    { index: true, lazy: () => import('./WorkshopStation.js') },
    { path: 'devices', lazy: () => import('./devices/DevicesPage.js') },
  ],
}
