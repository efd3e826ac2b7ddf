import { useSyncExternalStore } from 'react'

/** As wide as a phone held upright, and narrower. */
const NARROW = '(width < 40rem)'

const subscribe = (listener: () => void): (() => void) => {
  const query = globalThis.matchMedia(NARROW)
  query.addEventListener('change', listener)
  return () => query.removeEventListener('change', listener)
}

/** Whether the page is shown on a phone. */
export const useNarrow = (): boolean => useSyncExternalStore(subscribe, () => globalThis.matchMedia(NARROW).matches)
