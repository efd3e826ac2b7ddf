import { ClipboardList } from 'lucide-react'
import type { Station, StationNav } from '../station.js'
import type { jobs as words } from './text/en.js'

/** What is to be made. */
export const jobs: Station<'jobs', { jobs: typeof words }, StationNav<false>> = {
  id: 'jobs',
  nav: { key: 'j', icon: ClipboardList, withJob: false },
  routes: [
    { index: true, lazy: () => import('./JobsStation.js') },
    { path: 'new', lazy: () => import('./NewJob.js') },
    { path: ':jobId/leftover', lazy: () => import('./LeftoverPage.js') },
    { path: ':jobId', lazy: () => import('./EditJob.js') },
  ],
}
