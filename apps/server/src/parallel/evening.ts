import type { EveningPlan, EveningRequest } from '@bold-heron/core'
import type { Work } from '../work/work.js'
import type { NamedRecords } from './computed-cache.js'

/** What was known before of a press of the evening, and where to put what is found. */
export interface EveningKeeping {
  answersFor(press: EveningRequest['presses'][number]['press']): Promise<NamedRecords>
  keep(press: EveningRequest['presses'][number]['press'], made: NamedRecords): Promise<void>
}

/** Share of the way at which every press has answered. */
const ANSWERED = 0.85

/** An evening over all cores: what each press answers on a thread of its own, then the plan of all of them. */
export const eveningInParallel = async (
  work: Work,
  request: EveningRequest,
  { answersFor, keep }: EveningKeeping,
  {
    signal,
    onProgress,
  }: { readonly signal?: AbortSignal | undefined; readonly onProgress?: ((share: number) => void) | undefined } = {},
): Promise<EveningPlan> => {
  const shares = request.presses.map(() => 0)
  const answers = await Promise.all(
    request.presses.map(async (on, at) => {
      const known = await answersFor(on.press)
      // Laid as if it were the only press, for what that has to simulate.
      const alone: EveningRequest = { ...request, presses: [on], pins: { ...request.pins, pressOf: {}, after: {} } }
      const made = await work.run(
        'foundLays',
        { request: alone, answers: known },
        {
          signal,
          onProgress: (share) => {
            shares[at] = share
            onProgress?.((ANSWERED * shares.reduce((sum, each) => sum + each, 0)) / shares.length)
          },
        },
      )
      await keep(on.press, made)
      return [...known, ...made]
    }),
  )
  const { plan } = await work.run('evening', { request, answers: answers.flat() }, { signal })
  onProgress?.(1)
  return plan
}
