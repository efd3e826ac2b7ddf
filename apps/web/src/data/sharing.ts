import { type deviceChange, pairedDevice, pairingOffer, type Role, sharing } from '@bold-heron/schema'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import type { z } from 'zod'
import { ask } from './client.js'

const key = ['sharing']

/** Whether the workshop is shared, with which devices, and what was done to that. */
export const useSharing = () =>
  useQuery({
    queryKey: key,
    queryFn: ({ signal }) => ask('/api/sharing', sharing, { signal }),
    // A device that is being paired appears by itself.
    refetchInterval: 3000,
  })

/** Whether it is to be shared from the next start on. */
export const useWantShared = () => {
  const client = useQueryClient()
  return useMutation({
    mutationFn: (isWanted: boolean) => ask('/api/sharing', sharing, { method: 'PUT', body: { isWanted } }),
    onSuccess: (now) => client.setQueryData(key, now),
  })
}

export const useOfferCode = () =>
  useMutation({
    mutationFn: (role: Role) => ask('/api/pairing-codes', pairingOffer, { method: 'POST', body: { role } }),
  })

const useDeviceChange = <Change>(send: (change: Change) => Promise<unknown>) => {
  const client = useQueryClient()
  return useMutation({ mutationFn: send, onSuccess: () => client.invalidateQueries({ queryKey: key }) })
}

export const useChangeDevice = () =>
  useDeviceChange(({ id, ...change }: { readonly id: string } & z.infer<typeof deviceChange>) =>
    ask(`/api/paired-devices/${id}`, pairedDevice, { method: 'PUT', body: change }),
  )

export const useSendAway = () =>
  useDeviceChange((id: string) => ask(`/api/paired-devices/${id}`, pairedDevice, { method: 'DELETE' }))
