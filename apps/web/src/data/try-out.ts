import type { Bed, CutContext, Laying, Press, TryOut } from '@bold-heron/core'
import { useQuery } from '@tanstack/react-query'
import { useEffect, useRef, useState } from 'react'
import { press } from '../workers/press.js'
import type { TryOutQuestion } from '../workers/press.worker.js'

/**
 * Presses a cut again and again as sliders move: the newest question is always answered, those in between are left out, and
 * the last answer stays in view until the next.
 */
export const useTryOut = (
  cut: CutContext,
  bed: Bed | undefined,
  laying: Laying,
  question: TryOutQuestion,
): { readonly tried: TryOut | undefined; readonly question: TryOutQuestion } => {
  const [answer, setAnswer] = useState<{ tried: TryOut | undefined; question: TryOutQuestion }>({
    tried: undefined,
    question,
  })
  const next = useRef<TryOutQuestion>(undefined)
  const isBusy = useRef(false)

  useEffect(() => {
    if (bed) void press().lay(cut, bed, laying)
  }, [cut, bed, laying])

  useEffect(() => {
    if (!bed) return
    next.current = question
    const work = async () => {
      isBusy.current = true
      while (next.current) {
        const asked = next.current
        next.current = undefined
        const tried = await press().tryOut(asked)
        setAnswer({ tried, question: asked })
      }
      isBusy.current = false
    }
    if (!isBusy.current) void work()
  }, [cut, bed, laying, question])

  return answer
}

/** What a press of this build does with one and the same cut. */
export const usePressSample = (mechanics: Pick<Press, 'frame' | 'drive'> | undefined) =>
  useQuery({
    queryKey: ['press-sample', mechanics],
    queryFn: () => press().sample(mechanics as Pick<Press, 'frame' | 'drive'>),
    enabled: mechanics !== undefined,
    staleTime: Infinity,
    retry: false,
    placeholderData: (previous) => previous,
  })
