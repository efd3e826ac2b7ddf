import { useCallback, useEffect, useRef, useState } from 'react'

type Where = 'asking' | 'here' | 'elsewhere'

/**
 * Whether something that only one page of this browser should work on is worked on here. The browser keeps the lock (Web Locks); it is
 * free again when the page that has it closes. `takeOver` takes it from that page, which then hears that it is elsewhere.
 */
export const useOnlyHere = (what: string): { readonly where: Where; readonly takeOver: () => void } => {
  const [where, setWhere] = useState<Where>('asking')
  const release = useRef<() => void>(undefined)
  const hold = useCallback(
    (options: LockOptions) => {
      navigator.locks
        .request(what, options, (lock) => {
          if (!lock) return setWhere('elsewhere')
          setWhere('here')
          return new Promise<void>((resolve) => (release.current = resolve))
        })
        // It was taken over by another page.
        .catch(() => setWhere('elsewhere'))
    },
    [what],
  )
  useEffect(() => {
    hold({ ifAvailable: true })
    return () => release.current?.()
  }, [hold])
  return { where, takeOver: () => hold({ steal: true }) }
}
