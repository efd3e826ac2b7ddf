import { useCallback, useEffect, useState } from 'react'
import { keep, kept } from '../../data/kept/keeping.js'
import type { BenchSession } from './session.js'

const PREFIX = 'bench/'

/** The session kept under a key, at every step, so that closing the page loses nothing; not ready until it was looked for. */
export const useSession = (key: string) => {
  const [found, setFound] = useState<{ readonly session: BenchSession | undefined }>()
  useEffect(() => {
    let left = false
    kept.read(PREFIX + key).then(
      (session) => left || setFound({ session: session as BenchSession | undefined }),
      () => left || setFound({ session: undefined }),
    )
    return () => {
      left = true
    }
  }, [key])
  const keepSession = useCallback(
    (next: BenchSession | undefined) => {
      setFound({ session: next })
      void keep(next ? kept.write(PREFIX + key, next) : kept.remove(PREFIX + key))
    },
    [key],
  )
  return { isReady: found !== undefined, session: found?.session, keep: keepSession }
}
