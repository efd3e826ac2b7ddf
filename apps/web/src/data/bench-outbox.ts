import { useQueryClient } from '@tanstack/react-query'
import { useEffect, useSyncExternalStore } from 'react'
import { ask, AwayError, ProblemError } from './client.js'
import { type Delivery, Outbox, type Parcel } from './outbox.js'

const STORAGE_KEY = 'bold-heron.outbox'
const RETRY_MS = 4000
const SERVER_FAULTS_FROM = 500
const TOO_MANY = 429

const deliver = async ({ id, input }: Parcel): Promise<Delivery> => {
  try {
    await ask(`/api/bench-runs/${id}`, { method: 'PUT', body: input })
    return { is: 'there' }
  } catch (error) {
    if (error instanceof ProblemError && error.problem.status < SERVER_FAULTS_FROM && error.problem.status !== TOO_MANY)
      return { is: 'refused', why: error.message }
    if (error instanceof AwayError || error instanceof ProblemError) return { is: 'away' }
    throw error
  }
}

const outbox = new Outbox(
  {
    read: () => localStorage.getItem(STORAGE_KEY),
    write: (content) => localStorage.setItem(STORAGE_KEY, content),
  },
  deliver,
)

/** Lays a run down to be sent. It is safe from the moment this returns. */
export const layRun = (parcel: Parcel): void => outbox.lay(parcel)

const content = (): string => localStorage.getItem(STORAGE_KEY) ?? '[]'

/** Keeps sending what waits for as long as the page is open, and says how many runs have not arrived yet. */
export const useOutbox = () => {
  const client = useQueryClient()
  const kept = useSyncExternalStore((listener) => outbox.subscribe(listener), content)
  const waiting = (JSON.parse(kept) as ReturnType<typeof outbox.waiting>).map(({ id, refused }) => ({ id, refused }))
  const toSend = waiting.filter((each) => each.refused === undefined).length
  useEffect(() => {
    if (toSend === 0) return
    const send = () => {
      void outbox.send().then(() => {
        if (outbox.waiting().length < toSend)
          for (const key of ['runs', 'jobs']) void client.invalidateQueries({ queryKey: [key] })
      })
    }
    send()
    const timer = setInterval(send, RETRY_MS)
    addEventListener('online', send)
    return () => {
      clearInterval(timer)
      removeEventListener('online', send)
    }
  }, [kept, toSend, client])
  return {
    toSend,
    refused: waiting.filter((each) => each.refused !== undefined),
    drop: (id: string) => outbox.drop(id),
  }
}
