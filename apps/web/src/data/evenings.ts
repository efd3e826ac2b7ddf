import { type EveningAnswer, eveningAnswer, type EveningInput, type EveningRow } from '@bold-heron/schema'
import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { askInLines } from './client.js'
import { keep, kept, keptAs } from './kept/keeping.js'
import { orWhenAway } from './when-away.js'

/** What of an evening a user enters. */
export const inputOfEvening = ({
  name,
  beginsAt,
  presses,
  people,
  jobs,
  gapMm,
  changeWorthMin,
  pins,
  note,
}: EveningInput): EveningInput => ({ name, beginsAt, presses, people, jobs, gapMm, changeWorthMin, pins, note })

/** Where the newest plan of an evening is kept in the browser, for when there is no connection. */
const keptPlan = (id: string): string => `evening-plan/${id}`

/** Has an evening planned; where the server is out of reach it is the plan that was made last, whatever was changed since. */
export const planEvening = (
  id: string,
  draft: EveningInput,
  { signal, tell }: { readonly signal?: AbortSignal; readonly tell?: (share: number) => void } = {},
): Promise<EveningAnswer> => {
  const asked = { method: 'POST', body: inputOfEvening(draft), ...(signal ? { signal } : {}) } as const
  const made = async (): Promise<EveningAnswer> => {
    const plan = await askInLines(`/api/evenings/${id}/plan`, eveningAnswer, asked, tell)
    await keep(kept.write(keptPlan(id), plan))
    return plan
  }
  return orWhenAway(made(), () => keptAs<EveningAnswer>(keptPlan(id)))
}

/** An evening is tonight's for so long after it was saved. */
const TONIGHT_MS = 18 * 3_600_000

/** Whether an evening is tonight's: it was saved not long ago, and something of it is still to do. */
export const isTonights = ({ updatedAt, progress }: EveningRow, now: Date): boolean =>
  now.getTime() - Date.parse(updatedAt) < TONIGHT_MS && progress.some(({ wanted, cut }) => cut < wanted)

/** The plan of an evening with changes that may not be saved yet; what was planned before stays in view until there is something newer. */
export const useEveningPlan = (row: EveningRow, draft: EveningInput) => {
  const [share, setShare] = useState(0)
  const input = inputOfEvening(draft)
  const query = useQuery<EveningAnswer>({
    queryKey: ['made-evenings', row.id, input, row.progress],
    queryFn: ({ signal }) => {
      setShare(0)
      return planEvening(row.id, input, { signal, tell: setShare })
    },
    placeholderData: keepPreviousData,
    retry: false,
    refetchOnWindowFocus: false,
  })
  return { query, share }
}

/** The plan of an evening as it is saved. */
export const useSavedPlan = (row: EveningRow) => useEveningPlan(row, row).query
