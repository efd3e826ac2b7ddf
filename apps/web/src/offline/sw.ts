/// <reference lib="webworker" />
import { ExpirationPlugin } from 'workbox-expiration'
import { cleanupOutdatedCaches, matchPrecache, precacheAndRoute } from 'workbox-precaching'
import { NavigationRoute, registerRoute, setCatchHandler } from 'workbox-routing'
import { NetworkFirst, NetworkOnly } from 'workbox-strategies'
import type { WorkboxPlugin } from 'workbox-core/types.js'
import { KEPT_AT, keepsAnswer, mayTakeOver } from './kept-answers.js'
import type { Said } from './said.js'

declare const self: ServiceWorkerGlobalScope

interface Piece {
  readonly url: string
  readonly revision: string | null
}

/** What the pages are made of; the build puts it here (apps/web/service-worker.ts). */
const pieces = self.__WB_MANIFEST as readonly Piece[]
precacheAndRoute([...pieces])
cleanupOutdatedCaches()

const ANSWERS = 'answers'
const MOST_ANSWERS = 800
/** s. So long a server that is there may take; then what was kept is shown, and what comes later is kept in its place. */
const PATIENCE_S = 8

const UNPAIRED = 401

/** A device that was sent away keeps nothing of the workshop: it is refused, or led away from whatever page it wanted. */
const forgetsWhenSentAway: WorkboxPlugin = {
  fetchDidSucceed: async ({ response }) => {
    if (response.status === UNPAIRED || response.type === 'opaqueredirect') await caches.delete(ANSWERS)
    return response
  },
}

/** An answer as it is kept: when that was stands on it. */
const stamped = async (response: Response): Promise<Response> => {
  const headers = new Headers(response.headers)
  headers.set(KEPT_AT, new Date().toISOString())
  return new Response(await response.blob(), { status: response.status, statusText: response.statusText, headers })
}

/** ms. A server that could not be reached is not waited for again for so long, unless a page says that it is back. */
const AWAY_MS = 20_000
let awayUntil = 0

const networkFirst = new NetworkFirst({
  cacheName: ANSWERS,
  networkTimeoutSeconds: PATIENCE_S,
  plugins: [
    {
      handlerDidRespond: ({ response }) => {
        if (response) awayUntil = response.headers.has(KEPT_AT) ? Date.now() + AWAY_MS : 0
        return Promise.resolve()
      },
      cacheWillUpdate: async ({ response }) => (response.status === 200 ? stamped(response) : null),
    },
    forgetsWhenSentAway,
    // Its types do not know exact optional properties.
    new ExpirationPlugin({ maxEntries: MOST_ANSWERS, purgeOnQuotaError: true }) as WorkboxPlugin,
  ],
})

registerRoute(
  ({ url, request, sameOrigin }) =>
    sameOrigin && keepsAnswer({ path: url.pathname, method: request.method, accept: request.headers.get('Accept') }),
  async (asked) => {
    const kept = Date.now() < awayUntil ? await caches.match(asked.request, { cacheName: ANSWERS }) : undefined
    return kept ?? networkFirst.handle(asked)
  },
)

// A page is the server's while that answers, so that it is the newest; otherwise the one that was kept.
const networkOnly = new NetworkOnly({ networkTimeoutSeconds: PATIENCE_S, plugins: [forgetsWhenSentAway] })
registerRoute(new NavigationRoute(networkOnly, { denylist: [/^\/api\//] }))
setCatchHandler(
  async ({ request }) =>
    (request.mode === 'navigate' ? await matchPrecache('/index.html') : undefined) ?? Response.error(),
)

self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()))

self.addEventListener('message', (event) => {
  const said = event.data as Said
  if (said.is === 'back') {
    awayUntil = 0
    return
  }
  const { entry } = said
  const takeOver = async () => {
    const pages = await self.clients.matchAll({ type: 'window', includeUncontrolled: true })
    const urls = pieces.map(({ url }) => url)
    if (mayTakeOver(urls, { entry, pagesOpen: pages.length })) await self.skipWaiting()
  }
  event.waitUntil(takeOver())
})
