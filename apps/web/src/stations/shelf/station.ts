import { Warehouse } from 'lucide-react'
import { redirect } from 'react-router'
import type { Station, StationNav } from '../station.js'
import type { shelf as ownWords } from './own-words/en.js'
import type { shelf as words } from './text/en.js'

/** Presses, plates, dies and sheets. */
export const shelf: Station<'shelf', { shelf: typeof words & typeof ownWords }, StationNav<'door'>> = {
  id: 'shelf',
  nav: { at: 'door', key: 's', icon: Warehouse },
  routes: [
    {
      lazy: () => import('./ShelfStation.js'),
      children: [
        { index: true, loader: () => redirect('/shelf/presses') },
        { path: 'presses/:rowId/feel', lazy: () => import('./feeling/FeelGap.js') },
        { path: ':room', lazy: () => import('./ShelfRoom.js') },
        { path: ':room/:rowId', lazy: () => import('./ShelfRoom.js') },
      ],
    },
  ],
}
