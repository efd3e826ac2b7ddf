import { type RunNoteInput, runRow } from '@bold-heron/schema'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { ask } from './client.js'

/** Writes a note to a run. */
export const useSaveNote = (runId: string) => {
  const client = useQueryClient()
  return useMutation({
    mutationFn: (input: RunNoteInput) => ask(`/api/runs/${runId}/note`, runRow, { method: 'PUT', body: input }),
    onSuccess: () => client.invalidateQueries({ queryKey: ['runs'] }),
  })
}
