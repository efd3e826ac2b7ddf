import { type EveningAnswer, eveningAnswer, type EveningInput, type EveningRow } from '@bold-heron/schema'
import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { askInLines } from './client.js'

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

/** The plan of an evening with changes that may not be saved yet; what was planned before stays in view until there is something newer. */
export const useEveningPlan = (row: EveningRow, draft: EveningInput) => {
  const [share, setShare] = useState(0)
  const input = inputOfEvening(draft)
  const query = useQuery<EveningAnswer>({
    queryKey: ['made-evenings', row.id, input, row.progress],
    queryFn: ({ signal }) => {
      setShare(0)
      return askInLines(
        `/api/evenings/${row.id}/plan`,
        eveningAnswer,
        { method: 'POST', body: input, signal },
        setShare,
      )
    },
    placeholderData: keepPreviousData,
    retry: false,
    refetchOnWindowFocus: false,
  })
  return { query, share }
}

/** The plan of an evening as it is saved. */
export const useSavedPlan = (row: EveningRow) => useEveningPlan(row, row).query
