import { createBrowserRouter, redirect, type RouteObject } from 'react-router'
import { jobPath } from '../data/job-address.js'
import { Loading } from '../ui/states.js'
import { Frame } from './Frame.js'
import { JobFrame, JobGoesOn } from './JobFrame.js'
import { RouteFailure } from './RouteFailure.js'
import { stations, stepStations } from './stations.js'

const ofJob = stations.flatMap((station) => station.ofJob ?? [])

const routesOf = ({ id, routes = [] }: (typeof stations)[number]): RouteObject => ({
  path: id,
  children: [
    ...routes,
    ...(id === 'jobs'
      ? [
          {
            path: ':jobId',
            element: <JobFrame />,
            children: [{ index: true, element: <JobGoesOn /> } as const, ...ofJob],
          },
        ]
      : []),
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

/** Every address; each station is fetched when it is first opened. */
export const router = createBrowserRouter([
  {
    element: <Frame />,
    hydrateFallbackElement: <Loading what="…" />,
    errorElement: <RouteFailure />,
    children: [
      { index: true, loader: () => redirect('/jobs') },
      ...before,
      ...stations.filter(({ routes, id }) => routes !== undefined || id === 'jobs').map(routesOf),
      { path: '*', lazy: () => import('../ui/NotThere.js') },
    ],
  },
])
