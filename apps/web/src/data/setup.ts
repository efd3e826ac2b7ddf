import { jobRow, type SetupInput } from '@bold-heron/schema'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { ask } from './client.js'

/** Saves a first press with all that lies beside it; nothing is saved by halves. */
export const useSetUp = () => {
  const client = useQueryClient()
  return useMutation({
    mutationFn: (input: SetupInput) => ask('/api/setups', jobRow, { method: 'POST', body: input }),
    onSuccess: () => client.invalidateQueries(),
  })
}
