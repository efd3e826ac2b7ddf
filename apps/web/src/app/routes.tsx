import { createBrowserRouter, redirect, type RouteObject } from 'react-router'
import { jobPath } from '../data/job-address.js'
import { speakOf } from '../text/i18n.js'
import { stationsWithOwnWords } from '../text/languages.js'
import { Loading } from '../ui/states.js'
import { Frame } from './Frame.js'
import { JobFrame, JobGoesOn } from './JobFrame.js'
import { RouteFailure } from './RouteFailure.js'
import { stations, stepStations } from './stations.js'

/** Everything about one job, each station with its part. */
const ofAJob = (): RouteObject => ({
  path: 'jobs/:jobId',
  element: <JobFrame />,
  children: [
    { index: true, element: <JobGoesOn /> },
    ...stations.flatMap(({ id, ofJob }) => routesWithWords(id, ofJob ?? [])),
  ],
})

/** Where steps of a job stood before they stood in the job; the log has a door of its own. */
const before: readonly RouteObject[] = stepStations.flatMap(({ id }): RouteObject[] =>
  id === 'log'
    ? []
    : [
        { path: id, loader: () => redirect('/jobs') },
        {
          path: `${id}/:jobId`,
          loader: ({ params, request }) => redirect(jobPath(params['jobId'] ?? '', id) + new URL(request.url).search),
        },
      ],
)

/** A station's pages with the words that only they say. */
const withOwnWords = (station: string, routes: readonly RouteObject[]): RouteObject[] =>
  routes.map((route) => {
    const { lazy, children } = route
    const inner = children && { children: withOwnWords(station, children) }
    if (typeof lazy !== 'function') return { ...route, ...inner } as RouteObject
    const both = async () => (await Promise.all([lazy(), speakOf(station)]))[0]
    return { ...route, ...inner, lazy: both } as RouteObject
  })

const routesWithWords = (station: string, routes: readonly RouteObject[]): RouteObject[] =>
  stationsWithOwnWords.includes(station) ? withOwnWords(station, routes) : [...routes]

/** Every address; each station is fetched when it is first opened. */
export const router = createBrowserRouter([
  {
    element: <Frame />,
    hydrateFallbackElement: <Loading what="…" />,
    errorElement: <RouteFailure />,
    children: [
      { index: true, loader: () => redirect('/jobs') },
      ...before,
      ofAJob(),
      ...stations.flatMap(({ id, routes }) => (routes ? [{ path: id, children: routesWithWords(id, routes) }] : [])),
      { path: '*', lazy: () => import('../ui/NotThere.js') },
    ],
  },
])
