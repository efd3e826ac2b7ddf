import { PencilRuler } from 'lucide-react'
import type { Station, StationNav } from '../station.js'
import type { place as ownWords } from './own-words/en.js'
import type { place as words } from './text/en.js'

/** Where dies lie on the card. */
export const place: Station<'place', { place: typeof words & typeof ownWords }, StationNav<'job'>> = {
  id: 'place',
  nav: { at: 'job', key: 'c', icon: PencilRuler },
  keys: [
    { keys: ['v'], does: 'pressView' },
    { keys: ['← ↑ → ↓'], does: 'nudge' },
    { keys: ['[', ']'], does: 'turn' },
  ],
  ofJob: [{ path: 'place', lazy: () => import('./PlaceStation.js') }],
}
