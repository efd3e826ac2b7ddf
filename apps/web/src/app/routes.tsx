import { createBrowserRouter, redirect, type RouteObject } from 'react-router'
import { jobPath } from '../data/job-address.js'
import { withWordsOf } from '../text/i18n.js'
import { stationsWithOwnWords } from '../text/languages.js'
import { Loading } from '../ui/states.js'
import { Frame } from './Frame.js'
import { JobFrame, JobGoesOn } from './JobFrame.js'
import { RouteFailure } from './RouteFailure.js'
import { type AnyStation, stations, stepStations } from './stations.js'

/** Everything about one job, each station with its part. */
const ofAJob = (): RouteObject => ({
  path: 'jobs/:jobId',
  element: <JobFrame />,
  children: [
    { index: true, element: <JobGoesOn /> },
    ...stations.flatMap((station) => routesWithWords(station, station.ofJob ?? [])),
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

/** Pages with the words that only some stations say. */
const saying = (said: readonly string[], routes: readonly RouteObject[]): RouteObject[] =>
  routes.map((route) => {
    const { lazy, children } = route
    const inner = children && { children: saying(said, children) }
    if (typeof lazy !== 'function') return { ...route, ...inner } as RouteObject
    return { ...route, ...inner, lazy: () => withWordsOf(said, lazy()) } as RouteObject
  })

/** A station's pages with the words that only they say. */
const routesWithWords = ({ id, says = [] }: AnyStation, routes: readonly RouteObject[]): RouteObject[] =>
  saying(
    [id, ...says].filter((each) => stationsWithOwnWords.includes(each)),
    routes,
  )

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
      ...stations.flatMap((station) =>
        station.routes ? [{ path: station.id, children: routesWithWords(station, station.routes) }] : [],
      ),
      { path: '*', lazy: () => import('../ui/NotThere.js') },
    ],
  },
])
