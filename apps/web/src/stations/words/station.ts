import type { Station } from '../station.js'
import type { glossary } from './text/en.js'

/** The words of the trade, each with its picture. */
export const words: Station<'words', { glossary: typeof glossary }, undefined> = {
  id: 'words',
  nav: undefined,
  routes: [
    { index: true, lazy: () => import('./WordsStation.js') },
    { path: 'symptoms', lazy: () => import('./SymptomsPage.js') },
  ],
}
