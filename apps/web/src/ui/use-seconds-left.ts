import { useSyncExternalStore } from 'react'

const SECOND_MS = 1000
const TICK_MS = 250

const ticking = (tick: () => void): (() => void) => {
  const timer = setInterval(tick, TICK_MS)
  return () => clearInterval(timer)
}
const still = () => () => undefined
/** The next tick of the clock: the same until it came. */
const tickNow = (): number => Math.ceil(Date.now() / TICK_MS) * TICK_MS

/** Whole seconds until then (ms since 1970), by the clock, so that a sleeping tab is not late; 0 after it, and where there is no such time. */
export const useSecondsLeft = (endsAt: number | undefined): number => {
  const now = useSyncExternalStore(endsAt === undefined ? still : ticking, tickNow, tickNow)
  return endsAt === undefined ? 0 : Math.max(0, Math.ceil((endsAt - now) / SECOND_MS))
}

/** Seconds as a clock shows them. */
export const onClock = (seconds: number): { readonly minutes: number; readonly seconds: string } => ({
  minutes: Math.floor(seconds / 60),
  seconds: String(seconds % 60).padStart(2, '0'),
})
