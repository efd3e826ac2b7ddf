import { useSyncExternalStore } from 'react'
import { preference } from './preference.js'

/** Light or dark, chosen by hand in this browser, or as the system has it. */
export const schemes = ['system', 'light', 'dark'] as const
export type Scheme = (typeof schemes)[number]

const KEPT_AS = 'bold-heron.scheme'
const listeners = new Set<() => void>()
const darkSystem = () => globalThis.matchMedia('(prefers-color-scheme: dark)')

const chosen = (): Scheme => schemes.find((scheme) => scheme === preference.read(KEPT_AS)) ?? 'system'

const show = (): void => {
  const scheme = chosen()
  const isDark = scheme === 'dark' || (scheme === 'system' && darkSystem().matches)
  document.documentElement.dataset['scheme'] = isDark ? 'dark' : 'light'
  for (const listener of listeners) listener()
}

/** Shows the page in its scheme, from here on as the system changes, too. */
export const startScheme = (): void => {
  darkSystem().addEventListener('change', show)
  show()
}

/** Chooses a scheme, and remembers it. */
export const chooseScheme = (scheme: Scheme): void => {
  preference.keep(KEPT_AS, scheme === 'system' ? undefined : scheme)
  show()
}

const subscribe = (listener: () => void): (() => void) => {
  listeners.add(listener)
  return () => void listeners.delete(listener)
}

export const useScheme = (): Scheme => useSyncExternalStore(subscribe, chosen)
