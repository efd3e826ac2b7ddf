import { stretchLearnt } from '@bold-heron/schema'
import { useQuery } from '@tanstack/react-query'
import { ask } from './client.js'

/** How much a sheet stretches in a pass, as the log has it; stale with every run. */
export const useStretch = (sheetId: string) =>
  useQuery({
    queryKey: ['runs', 'stretch', sheetId],
    queryFn: ({ signal }) => ask(`/api/sheets/${sheetId}/stretch`, stretchLearnt, { signal }),
  })
