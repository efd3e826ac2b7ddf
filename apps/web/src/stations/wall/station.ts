import { LayoutGrid } from 'lucide-react'
import { redirect } from 'react-router'
import type { Station, StationNav } from '../station.js'
import type { wall as ownWords } from './own-words/en.js'
import type { wall as words } from './text/en.js'

/** What hangs on the wall: what a press cuts, and an evening's work in order. */
export const wall: Station<'wall', { wall: typeof words & typeof ownWords }, StationNav<'door'>> = {
  id: 'wall',
  nav: { at: 'door', key: 'e', icon: LayoutGrid },
  routes: [
    {
      lazy: () => import('./WallStation.js'),
      children: [
        { index: true, loader: () => redirect('/wall/charts') },
        { path: 'charts', lazy: () => import('./chart/ChartList.js') },
        { path: 'charts/:chartId', lazy: () => import('./chart/ChartPage.js') },
        { path: 'blocks', lazy: () => import('./blocks/BlockLeaf.js') },
        { path: 'evenings', lazy: () => import('./evening/EveningList.js') },
        { path: 'evenings/:eveningId', lazy: () => import('./evening/EveningPage.js') },
      ],
    },
  ],
}
