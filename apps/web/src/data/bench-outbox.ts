import { sayProblem, speak } from '@bold-heron/words'
import i18next from 'i18next'
import { z } from 'zod'
import { useQueryClient } from '@tanstack/react-query'
import { useEffect, useSyncExternalStore } from 'react'
import { ask, AwayError, ProblemError } from './client.js'
import { keep, kept } from './kept/keeping.js'
import { type Delivery, isNewer, type KeptParcel, Outbox, type Parcel, type Shelf } from './outbox.js'
import { preference } from './preference.js'

const PREFIX = 'outbox/'
/** Where all parcels lay together before each had a place of its own. */
const OLDER_KEY = 'bold-heron.outbox'
const RETRY_MS = 4000
const SERVER_FAULTS_FROM = 500

const deliver = async ({ id, input }: Parcel): Promise<Delivery> => {
  try {
    await ask(`/api/bench-runs/${id}`, z.unknown(), { method: 'PUT', body: input })
    return { is: 'there' }
  } catch (error) {
    if (error instanceof ProblemError && error.problem.status < SERVER_FAULTS_FROM)
      return { is: 'refused', why: sayProblem(speak(i18next.language), error.problem) }
    if (error instanceof AwayError || error instanceof ProblemError) return { is: 'away' }
    throw error
  }
}

/** Parcels as an older page kept them; none where what it kept cannot be read. */
const olderParcels = (): readonly KeptParcel[] => {
  try {
    const found = JSON.parse(preference.read(OLDER_KEY) ?? '[]') as unknown
    return Array.isArray(found) ? (found as KeptParcel[]) : []
  } catch {
    return []
  }
}

/** Brings parcels of an older page to their places; they are forgotten there only once they lie here. */
const takeOverOlder = async (): Promise<void> => {
  const older = olderParcels()
  for (const parcel of older) await kept.write(PREFIX + parcel.id, parcel)
  if (older.length > 0) preference.keep(OLDER_KEY, undefined)
}

/** Where this browser keeps parcels. */
export const shelf: Shelf = {
  async all() {
    await takeOverOlder()
    const found = await Promise.all((await kept.keysFrom(PREFIX)).map((key) => kept.read(key)))
    return found.filter((each) => each !== undefined) as KeptParcel[]
  },
  put: (parcel) => kept.write(PREFIX + parcel.id, parcel),
  take: (parcel) => kept.remove(PREFIX + parcel.id, (found) => !found || !isNewer(found as Parcel, parcel)),
}

const outbox = new Outbox(shelf, deliver)

/** Lays a run down to be sent. Resolves once it is as safe as this browser can keep it. */
export const layRun = (parcel: Parcel): Promise<void> => keep(outbox.lay(parcel))

const subscribe = (listener: () => void) => outbox.subscribe(listener)

/** Whether a run told at the Bench has not arrived yet: what hangs on it, as what it left over, has to wait. */
export const useIsOnItsWay = (runId: string): boolean => useSyncExternalStore(subscribe, () => outbox.isOnItsWay(runId))

/** Keeps sending what waits for as long as the page is open, and says how many runs have not arrived yet. */
export const useOutbox = () => {
  const client = useQueryClient()
  const waiting = useSyncExternalStore(subscribe, () => outbox.waiting())
  const toSend = waiting.filter((each) => each.refused === undefined).length
  useEffect(() => void outbox.open(), [])
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
  }, [waiting, toSend, client])
  return {
    toSend,
    refused: waiting.filter((each) => each.refused !== undefined),
    drop: (id: string) => void keep(outbox.drop(id)),
  }
}
