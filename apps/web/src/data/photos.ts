import { firstPhoto, type Photographed, photoRow } from '@bold-heron/schema'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { z } from 'zod'
import { ask } from './client.js'

/** A thing that may be photographed. */
export interface ThingOfPhotos {
  readonly kind: Photographed
  readonly id: string
}

export const usePhotos = ({ kind, id }: ThingOfPhotos) =>
  useQuery({
    queryKey: ['photos', kind, id],
    queryFn: ({ signal }) => ask(`/api/${kind}/${id}/photos`, z.array(photoRow), { signal }),
  })

/** The first photo of each thing of a kind that has one, by the thing's id. */
export const useFirstPhotos = (kind: Photographed) =>
  useQuery({
    queryKey: ['photos', kind, 'first'],
    queryFn: async ({ signal }) => {
      const firsts = await ask(`/api/first-photos?of=${kind}`, z.array(firstPhoto), { signal })
      return new Map(firsts.map(({ ofId, photoId }) => [ofId, photoId]))
    },
    staleTime: 60_000,
  })

/** Adds, deletes and has back photos of a thing. */
export const useChangePhotos = ({ kind, id }: ThingOfPhotos) => {
  const client = useQueryClient()
  const onSuccess = () => client.invalidateQueries({ queryKey: ['photos', kind] })
  return {
    add: useMutation({
      mutationFn: (file: Blob) => ask(`/api/${kind}/${id}/photos`, photoRow, { method: 'POST', file }),
      onSuccess,
    }),
    mark: useMutation({
      mutationFn: ({ photoId, mark }: { readonly photoId: string; readonly mark: 'delete' | 'restore' }) =>
        mark === 'delete'
          ? ask(`/api/photos/${photoId}`, photoRow, { method: 'DELETE' })
          : ask(`/api/photos/${photoId}/restore`, photoRow, { method: 'POST' }),
      onSuccess,
    }),
  }
}
