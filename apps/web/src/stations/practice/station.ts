import { Dumbbell } from 'lucide-react'
import type { Station, StationNav } from '../station.js'
import type { practice as ownWords } from './own-words/en.js'
import type { practice as words } from './text/en.js'

/** Exercises at a simulated press. */
export const practice: Station<'practice', { practice: typeof words & typeof ownWords }, StationNav<'rest'>> = {
  id: 'practice',
  nav: { at: 'rest', key: 'x', icon: Dumbbell },
  // An exercise is played at the Bench.
  says: ['bench'],
  routes: [
    { index: true, lazy: () => import('./PracticeStation.js') },
    { path: 'mastered', lazy: () => import('./MasteredPage.js') },
    { path: ':exerciseId', lazy: () => import('./ExercisePage.js') },
  ],
}
