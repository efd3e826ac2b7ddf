import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { useEffect } from 'react'
import { useTranslation } from 'react-i18next'
import { RouterProvider } from 'react-router/dom'
import { ProblemError } from '../data/client.js'
import { isHere } from '../data/who.js'
import { WhoseWork } from '../ui/saving/WhoseWork.js'
import { Toasts } from '../ui/toasts.js'
import { router } from './routes.js'

const STALE_MS = 5_000
const MOST_RETRIES = 2

const client = new QueryClient({
  defaultOptions: {
    mutations: { networkMode: 'always' },
    queries: {
      staleTime: STALE_MS,
      // What a device kept is answered without a connection too.
      networkMode: 'always',
      // What the server refuses it will refuse again.
      retry: (failures, error) => !(error instanceof ProblemError) && failures < MOST_RETRIES,
    },
  },
})

export const App = () => {
  const { i18n } = useTranslation()
  useEffect(() => {
    document.documentElement.lang = i18n.language
  }, [i18n.language])
  useEffect(() => void import('../data/news.js').then(({ followNews }) => followNews(client)), [])
  useEffect(() => {
    if (isHere() || !('serviceWorker' in navigator)) return
    // Where the browser does not trust the address, it goes on as without.
    void import('./go-offline.js').then(({ prepareForOffline }) => prepareForOffline(client)).catch(() => undefined)
  }, [])
  return (
    <QueryClientProvider client={client}>
      <Toasts>
        <WhoseWork>
          <RouterProvider router={router} />
        </WhoseWork>
      </Toasts>
    </QueryClientProvider>
  )
}
