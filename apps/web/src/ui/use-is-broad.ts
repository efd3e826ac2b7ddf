import { useSyncExternalStore } from 'react'

/** Room for three columns, as the breakpoint `broad` of the styles: what lies behind a leaf elsewhere stands beside the rest. */
const BROAD = '(min-width: 112rem)'

const subscribe = (listener: () => void): (() => void) => {
  const query = globalThis.matchMedia(BROAD)
  query.addEventListener('change', listener)
  return () => query.removeEventListener('change', listener)
}

/** Whether the screen is so wide that leaves stand side by side. */
export const useIsBroad = (): boolean => useSyncExternalStore(subscribe, () => globalThis.matchMedia(BROAD).matches)
