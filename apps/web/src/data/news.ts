import type { News } from '@bold-heron/schema'
import type { QueryClient } from '@tanstack/react-query'
import { page } from './client.js'
import { type Kind, touchedBy } from './rows.js'

const NAME = 'heron-news'

/** What the server names otherwise than the queries here do. */
const OTHERWISE: Readonly<Record<string, string>> = { 'bench-runs': 'runs', 'recipe-files': 'recipes' }

/** Rows that are looked at while they change elsewhere; others stand in forms, and are asked for again when they are saved. */
const SHOWN_AS_THEY_CHANGE = new Set<unknown>(['jobs', 'runs', 'evenings'])

/** Makes stale what another page's change touched: by the kind that it changed, or everything where it was of no kind. */
const touchAfter = (client: QueryClient, about: string): void => {
  const keys = about in touchedBy ? new Set<unknown>(touchedBy[about as Kind]) : undefined
  void client.invalidateQueries({
    predicate: ({ queryKey: [kind, which] }) =>
      (keys === undefined || keys.has(kind)) && (which !== 'row' || SHOWN_AS_THEY_CHANGE.has(kind)),
  })
}

/**
 * Has pages follow what others change, here or on another device: one stream for all windows of a browser, held by whichever has the lock and
 * handed on to the others. A browser without locks is told nothing, and looks for itself when it is looked at.
 */
export const followNews = (client: QueryClient): void => {
  if (!('locks' in navigator) || typeof BroadcastChannel === 'undefined' || typeof EventSource === 'undefined') return
  const windows = new BroadcastChannel(NAME)
  const hear = (said: News): void => {
    if (said.page !== page) touchAfter(client, OTHERWISE[said.about] ?? said.about)
  }
  windows.onmessage = ({ data }: MessageEvent<News>) => hear(data)
  void navigator.locks.request(
    NAME,
    () =>
      // Held for as long as the window is open; it opens the stream anew by itself where that breaks.
      new Promise<never>(() => {
        new EventSource('/api/news').onmessage = ({ data }: MessageEvent<string>) => {
          const said = JSON.parse(data) as News
          windows.postMessage(said)
          hear(said)
        }
      }),
  )
}
