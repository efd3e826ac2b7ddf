import { useSyncExternalStore } from 'react'
import { KEPT_AT } from '../offline/kept-answers.js'

/** Whether the server is there; where it is not, from when that is what is shown, in milliseconds since 1970, the oldest of it. */
export type Reached = { readonly is: 'there' } | { readonly is: 'away'; readonly keptAt: number | undefined }

const there: Reached = { is: 'there' }

/** What questions tell of whether the server can be reached. */
export class Reach {
  private now: Reached = there
  private readonly listeners = new Set<() => void>()

  get reached(): Reached {
    return this.now
  }

  /** Something was answered: by the server itself, or by what was kept of it. */
  answered(response: Pick<Response, 'headers'>): void {
    const kept = response.headers.get(KEPT_AT)
    if (kept === null) this.tell(there)
    else this.away(Date.parse(kept))
  }

  away(keptAt?: number): void {
    const before = this.now.is === 'away' ? this.now.keptAt : undefined
    const oldest = Math.min(keptAt ?? Infinity, before ?? Infinity)
    this.tell({ is: 'away', keptAt: Number.isFinite(oldest) ? oldest : undefined })
  }

  subscribe(listener: () => void): () => void {
    this.listeners.add(listener)
    return () => void this.listeners.delete(listener)
  }

  private tell(now: Reached): void {
    if (this.now.is === now.is && (now.is === 'there' || (this.now as typeof now).keptAt === now.keptAt)) return
    this.now = now
    for (const listener of this.listeners) listener()
  }
}

/** Of this page. */
export const reach = new Reach()

export const useReached = (): Reached =>
  useSyncExternalStore(
    (listener) => reach.subscribe(listener),
    () => reach.reached,
  )
