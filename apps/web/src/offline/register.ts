import type { Said } from './said.js'

/** Asks a newer edition that waits to take over, if this page belongs to it. */
const offer = ({ waiting }: ServiceWorkerRegistration): void => {
  const entry = document.querySelector<HTMLScriptElement>('script[type="module"][src]')?.src ?? ''
  waiting?.postMessage({ is: 'of-edition', entry } satisfies Said)
}

/** Tells the service worker that the server is there again. */
export const tellBack = (): void => navigator.serviceWorker.controller?.postMessage({ is: 'back' } satisfies Said)

/**
 * Has this browser keep the pages, so that they open without a connection. A newer edition waits until no page of the older one is open:
 * what is begun at the Bench is ended with the pieces it was begun with. Rejects where the browser does not trust the address.
 */
export const keepPages = async (): Promise<void> => {
  const registration = await navigator.serviceWorker.register('/sw.js', { updateViaCache: 'none' })
  offer(registration)
  registration.addEventListener('updatefound', () => {
    const { installing } = registration
    installing?.addEventListener('statechange', () => {
      if (installing.state === 'installed') offer(registration)
    })
  })
  await navigator.serviceWorker.ready
}
