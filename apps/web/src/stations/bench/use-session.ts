import { useCallback, useState } from 'react'
import type { BenchSession } from './session.js'

const keyOf = (jobId: string): string => `bold-heron.bench.${jobId}`

const read = (jobId: string): BenchSession | undefined => {
  const content = localStorage.getItem(keyOf(jobId))
  if (content === null) return undefined
  try {
    return JSON.parse(content) as BenchSession
  } catch {
    return undefined
  }
}

/** The job's session, kept in the browser at every step, so that closing the page loses nothing. */
export const useSession = (jobId: string) => {
  const [session, setSession] = useState(() => read(jobId))
  const keep = useCallback(
    (next: BenchSession | undefined) => {
      if (next) localStorage.setItem(keyOf(jobId), JSON.stringify(next))
      else localStorage.removeItem(keyOf(jobId))
      setSession(next)
    },
    [jobId],
  )
  return [session, keep] as const
}
