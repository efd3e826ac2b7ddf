import { createBrowserRouter, redirect, type RouteObject } from 'react-router'
import { Loading } from '../ui/states.js'
import { Frame } from './Frame.js'
import { JobNeeded } from './JobNeeded.js'
import { RouteFailure } from './RouteFailure.js'
import { isWithJob, stations } from './stations.js'

const routesOf = (station: (typeof stations)[number]): RouteObject => ({
  path: station.id,
  children: [
    ...(isWithJob(station)
      ? [{ index: true, element: <JobNeeded key={station.id} station={station.id} /> } as const]
      : []),
    ...station.routes,
  ],
})

/** Every address; each station is fetched when it is first opened. */
export const router = createBrowserRouter([
  {
    element: <Frame />,
    hydrateFallbackElement: <Loading what="…" />,
    errorElement: <RouteFailure />,
    children: [
      { index: true, loader: () => redirect('/jobs') },
      ...stations.map(routesOf),
      { path: '*', lazy: () => import('../ui/NotThere.js') },
    ],
  },
])
