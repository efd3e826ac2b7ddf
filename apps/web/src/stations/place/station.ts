import { PencilRuler } from 'lucide-react'
import type { Station, StationNav } from '../station.js'
import type { place as words } from './text/en.js'

/** Where dies lie on the card. */
export const place: Station<'place', { place: typeof words }, StationNav<true>> = {
  id: 'place',
  nav: { key: 'c', icon: PencilRuler, withJob: true },
  keys: [
    { keys: ['v'], does: 'pressView' },
    { keys: ['← ↑ → ↓'], does: 'nudge' },
    { keys: ['[', ']'], does: 'turn' },
  ],
  routes: [{ path: ':jobId', lazy: () => import('./PlaceStation.js') }],
}
