import { Layers } from 'lucide-react'
import { redirect } from 'react-router'
import type { Station, StationNav } from '../station.js'
import type { cards as ownWords } from './own-words/en.js'
import type { cards as words } from './text/en.js'

/** What is made of several layers, and the envelope it goes in. */
export const cards: Station<'cards', { cards: typeof words & typeof ownWords }, StationNav<'door'>> = {
  id: 'cards',
  nav: { at: 'door', key: 'k', icon: Layers },
  routes: [
    {
      lazy: () => import('./CardsStation.js'),
      children: [
        { index: true, loader: () => redirect('/cards/builds') },
        { path: 'builds', lazy: () => import('./BuildList.js') },
        { path: 'builds/:buildId', lazy: () => import('./BuildPage.js') },
        { path: 'panels', lazy: () => import('./PanelsPage.js') },
        { path: 'envelope', lazy: () => import('./EnvelopePage.js') },
      ],
    },
  ],
}
