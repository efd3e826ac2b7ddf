import { createBrowserRouter, redirect } from 'react-router'
import { Frame } from './Frame.js'
import { Loading } from '../ui/states.js'
import { RouteFailure } from './RouteFailure.js'

/** Every address; each station is fetched when it is first opened. */
export const router = createBrowserRouter([
  {
    element: <Frame />,
    hydrateFallbackElement: <Loading what="…" />,
    errorElement: <RouteFailure />,
    children: [
      { index: true, loader: () => redirect('/jobs') },
      { path: 'jobs', lazy: () => import('../stations/jobs/JobsStation.js') },
      { path: 'jobs/new', lazy: () => import('../stations/jobs/NewJob.js') },
      { path: 'jobs/:jobId', lazy: () => import('../stations/jobs/EditJob.js') },
      {
        path: 'shelf',
        lazy: () => import('../stations/shelf/ShelfStation.js'),
        children: [
          { index: true, loader: () => redirect('/shelf/presses') },
          { path: ':room', lazy: () => import('../stations/shelf/ShelfRoom.js') },
          { path: ':room/:rowId', lazy: () => import('../stations/shelf/ShelfRoom.js') },
        ],
      },
      { path: 'plan', lazy: () => import('../stations/plan/ChooseJob.js') },
      { path: 'plan/:jobId', lazy: () => import('../stations/plan/PlanStation.js') },
      { path: 'place', lazy: () => import('../stations/place/ChooseJob.js') },
      { path: 'place/:jobId', lazy: () => import('../stations/place/PlaceStation.js') },
      { path: 'bench', lazy: () => import('../stations/bench/ChooseJob.js') },
      { path: 'bench/:jobId', lazy: () => import('../stations/bench/BenchStation.js') },
      { path: 'log', lazy: () => import('../stations/log/LogStation.js') },
      { path: 'log/recipes', lazy: () => import('../stations/log/recipes/RecipesPage.js') },
      { path: 'log/recipes/cards', lazy: () => import('../stations/log/recipes/RecipeCards.js') },
      { path: 'log/recipes/:recipeId', lazy: () => import('../stations/log/recipes/RecipePage.js') },
      { path: 'log/:runId', lazy: () => import('../stations/log/RunPage.js') },
      { path: 'practice', lazy: () => import('../stations/practice/PracticeStation.js') },
      { path: 'practice/:exerciseId', lazy: () => import('../stations/practice/ExercisePage.js') },
      { path: 'workshop', lazy: () => import('../stations/workshop/WorkshopStation.js') },
      { path: 'welcome', lazy: () => import('../stations/welcome/WelcomeStation.js') },
      { path: '*', lazy: () => import('./NotThere.js') },
    ],
  },
])
