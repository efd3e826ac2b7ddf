import type { Station } from '../station.js'
import type { welcome as words } from './own-words/en.js'

/** A minute to set up, before there is anything. */
export const welcome: Station<'welcome', { welcome: typeof words }, undefined> = {
  id: 'welcome',
  nav: undefined,
  // The gap of a press is typed as on its page.
  says: ['shelf'],
  routes: [{ index: true, lazy: () => import('./WelcomeStation.js') }],
}
