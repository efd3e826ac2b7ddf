import { jobRow, madePair, type PairInput, type RaisedJobInput } from '@bold-heron/schema'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { ask } from './client.js'

/** Makes a shape of layers and the job that raises a sheet over it: both or neither. */
export const useMakeRaisedJob = () => {
  const client = useQueryClient()
  return useMutation({
    mutationFn: (input: RaisedJobInput) => ask('/api/raised-jobs', jobRow, { method: 'POST', body: input }),
    onSuccess: () => client.invalidateQueries(),
  })
}

/** Makes the jobs and the cards of a pair: all of them or none. */
export const useMakePair = () => {
  const client = useQueryClient()
  return useMutation({
    mutationFn: (input: PairInput) => ask('/api/pairs', madePair, { method: 'POST', body: input }),
    onSuccess: () => client.invalidateQueries(),
  })
}
