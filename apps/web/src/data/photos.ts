import { photoRow } from '@bold-heron/schema'
import { z } from 'zod'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { ask } from './client.js'

export const usePhotos = (runId: string) =>
  useQuery({
    queryKey: ['photos', runId],
    queryFn: ({ signal }) => ask(`/api/runs/${runId}/photos`, z.array(photoRow), { signal }),
  })

/** Adds, deletes and has back photos of a run. */
export const useChangePhotos = (runId: string) => {
  const client = useQueryClient()
  const onSuccess = () => client.invalidateQueries({ queryKey: ['photos', runId] })
  return {
    add: useMutation({
      mutationFn: (file: Blob) => ask(`/api/runs/${runId}/photos`, photoRow, { method: 'POST', file }),
      onSuccess,
    }),
    mark: useMutation({
      mutationFn: ({ id, mark }: { readonly id: string; readonly mark: 'delete' | 'restore' }) =>
        mark === 'delete'
          ? ask(`/api/photos/${id}`, photoRow, { method: 'DELETE' })
          : ask(`/api/photos/${id}/restore`, photoRow, { method: 'POST' }),
      onSuccess,
    }),
  }
}
