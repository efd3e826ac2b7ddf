import { useEffect } from 'react'

/** Keeps the screen lit while the page is in view, where the browser can. */
export const useWakeLock = (): void => {
  useEffect(() => {
    let lock: WakeLockSentinel | undefined
    let left = false
    const hold = () => {
      if (document.visibilityState !== 'visible' || !('wakeLock' in navigator)) return
      navigator.wakeLock.request('screen').then(
        (held) => {
          if (left) void held.release()
          else lock = held
        },
        // Refused when the battery is low, for one; the bench works without.
        () => undefined,
      )
    }
    hold()
    document.addEventListener('visibilitychange', hold)
    return () => {
      left = true
      document.removeEventListener('visibilitychange', hold)
      void lock?.release()
    }
  }, [])
}
