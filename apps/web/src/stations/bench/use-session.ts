import { useCallback, useEffect, useState } from 'react'
import { BENCH_PREFIX, tellBenchChanged } from '../../data/job-steps.js'
import { keep, kept } from '../../data/kept/keeping.js'
import type { BenchSession } from './session.js'

/** The session kept under a key, at every step, so that closing the page loses nothing; not ready until it was looked for. */
export const useSession = (key: string) => {
  const [found, setFound] = useState<{ readonly session: BenchSession | undefined }>()
  useEffect(() => {
    let left = false
    kept.read(BENCH_PREFIX + key).then(
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
      void keep(next ? kept.write(BENCH_PREFIX + key, next) : kept.remove(BENCH_PREFIX + key)).then(tellBenchChanged)
    },
    [key],
  )
  return { isReady: found !== undefined, session: found?.session, keep: keepSession }
}
