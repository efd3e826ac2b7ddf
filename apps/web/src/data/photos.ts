import type { PhotoRow } from '@bold-heron/schema'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { ask } from './client.js'

export const usePhotos = (runId: string) =>
  useQuery({
    queryKey: ['photos', runId],
    queryFn: ({ signal }) => ask<PhotoRow[]>(`/api/runs/${runId}/photos`, { signal }),
  })

/** Adds, deletes and has back photos of a run. */
export const useChangePhotos = (runId: string) => {
  const client = useQueryClient()
  const onSuccess = () => client.invalidateQueries({ queryKey: ['photos', runId] })
  return {
    add: useMutation({
      mutationFn: (file: Blob) => ask<PhotoRow>(`/api/runs/${runId}/photos`, { method: 'POST', file }),
      onSuccess,
    }),
    mark: useMutation({
      mutationFn: ({ id, mark }: { readonly id: string; readonly mark: 'delete' | 'restore' }) =>
        mark === 'delete'
          ? ask<PhotoRow>(`/api/photos/${id}`, { method: 'DELETE' })
          : ask<PhotoRow>(`/api/photos/${id}/restore`, { method: 'POST' }),
      onSuccess,
    }),
  }
}
