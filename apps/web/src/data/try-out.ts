import type { Assessment, Bed, CutContext, Laying, PlanRequest, Press } from '@bold-heron/core'
import { useQuery } from '@tanstack/react-query'
import { useEffect, useRef, useState } from 'react'
import { layOnPress, press } from '../workers/press.js'
import type { Tried, TryOutQuestion } from '../workers/press.worker.js'

/**
 * Presses a cut again and again as sliders move: the newest question is always answered, those in between are left out, and
 * the last answer stays in view until the next.
 */
export const useTryOut = (
  cut: CutContext,
  bed: Bed | undefined,
  laying: Laying,
  question: TryOutQuestion,
): Tried | undefined => {
  const [tried, setTried] = useState<Tried>()
  const next = useRef<TryOutQuestion>(undefined)
  const isBusy = useRef(false)

  useEffect(() => {
    if (bed) layOnPress(cut, bed, laying)
  }, [cut, bed, laying])

  useEffect(() => {
    if (!bed) return
    next.current = question
    const work = async () => {
      isBusy.current = true
      try {
        while (next.current) {
          const asked = next.current
          next.current = undefined
          setTried(await press().tryOut(asked))
        }
      } catch {
        // The worker died of this one; the next starts another.
      } finally {
        isBusy.current = false
      }
    }
    if (!isBusy.current) void work()
  }, [cut, bed, laying, question])

  return tried
}

/** What comes of a planned stack after so many passes, whatever it is for. */
export const useCame = (
  { technique, cut }: Pick<PlanRequest, 'technique' | 'cut'>,
  assessment: Assessment,
  passes: number,
) =>
  useQuery({
    queryKey: ['came', technique, cut, assessment.stack, assessment.window, passes],
    queryFn: () =>
      press().come({ technique, cut }, [...assessment.stack], assessment.ledger.squeezeMm, passes, assessment.window),
    staleTime: Infinity,
    gcTime: 30_000,
    retry: false,
    placeholderData: (previous) => previous,
  })

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
