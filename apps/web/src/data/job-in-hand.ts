import { useSyncExternalStore } from 'react'
import { preference } from './preference.js'

const STORAGE_KEY = 'bold-heron.job-in-hand'
const listeners = new Set<() => void>()
let inHand = preference.read(STORAGE_KEY)

const hear = (): void => {
  inHand = preference.read(STORAGE_KEY)
  for (const listener of listeners) listener()
}

/** The job last worked on in this browser; it travels with the user from station to station. */
export const takeJobInHand = (id: string | undefined): void => {
  inHand = id
  preference.keep(STORAGE_KEY, id)
  for (const listener of listeners) listener()
}

const subscribe = (listener: () => void): (() => void) => {
  if (listeners.size === 0) window.addEventListener('storage', hear)
  listeners.add(listener)
  return () => {
    listeners.delete(listener)
    if (listeners.size === 0) window.removeEventListener('storage', hear)
  }
}

export const useJobInHand = (): string | undefined => useSyncExternalStore(subscribe, () => inHand)

let lastOutside = '/jobs'

/** Notes where one is, so that a job can be closed again to where it was opened from. */
export const noteWhereOneIs = (address: string): void => {
  if (!/^\/(jobs\/(?!new\b)[^/?]+|plan|place|bench)(\/|\?|$)/.test(address)) lastOutside = address
}

/** Where one was before a job was opened. */
export const beforeTheJob = (): string => lastOutside
