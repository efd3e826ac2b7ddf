import { ClipboardList } from 'lucide-react'
import type { Station, StationNav } from '../station.js'
import type { jobs as words } from './text/en.js'

/** What is to be made. */
export const jobs: Station<'jobs', { jobs: typeof words }, StationNav<'door'>> = {
  id: 'jobs',
  nav: { at: 'door', key: 'j', icon: ClipboardList },
  routes: [
    { index: true, lazy: () => import('./JobsStation.js') },
    { path: 'new', lazy: () => import('./NewJob.js') },
  ],
  ofJob: [
    { path: 'edit', lazy: () => import('./EditJob.js') },
    { path: 'leftover', lazy: () => import('./LeftoverPage.js') },
  ],
}
