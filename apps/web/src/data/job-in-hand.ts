import { useSyncExternalStore } from 'react'

const STORAGE_KEY = 'bold-heron.job-in-hand'
const listeners = new Set<() => void>()

/** The job last worked on in this browser; it travels with the user from station to station. */
export const takeJobInHand = (id: string | undefined): void => {
  if (id === undefined) localStorage.removeItem(STORAGE_KEY)
  else localStorage.setItem(STORAGE_KEY, id)
  for (const listener of listeners) listener()
}

const subscribe = (listener: () => void): (() => void) => {
  listeners.add(listener)
  window.addEventListener('storage', listener)
  return () => {
    listeners.delete(listener)
    window.removeEventListener('storage', listener)
  }
}

export const useJobInHand = (): string | undefined =>
  useSyncExternalStore(subscribe, () => localStorage.getItem(STORAGE_KEY) ?? undefined)
