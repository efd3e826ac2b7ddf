import { NotebookPen } from 'lucide-react'
import type { Station, StationNav } from '../station.js'
import type { recipes } from './recipes/text/en.js'
import type { log as ownWords } from './own-words/en.js'
import type { log as words } from './text/en.js'

/** What was pressed, and recipes made of it. */
export const log: Station<
  'log',
  { log: typeof words & typeof ownWords; recipes: typeof recipes },
  StationNav<'door'>
> = {
  id: 'log',
  nav: { at: 'door', key: 'l', icon: NotebookPen },
  routes: [
    { index: true, lazy: () => import('./LogStation.js') },
    { path: 'recipes', lazy: () => import('./recipes/RecipesPage.js') },
    { path: 'recipes/cards', lazy: () => import('./recipes/RecipeCards.js') },
    { path: 'recipes/:recipeId', lazy: () => import('./recipes/RecipePage.js') },
    { path: ':runId', lazy: () => import('./RunPage.js') },
  ],
  ofJob: [{ path: 'log', lazy: () => import('./LogOfJob.js') }],
}
