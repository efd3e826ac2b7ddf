import { matWear, padWear } from '@bold-heron/schema'
import { useQuery } from '@tanstack/react-query'
import { z } from 'zod'
import { ask } from './client.js'

/** What the log says of every cutting pad; stale with every run. */
export const usePadWear = () =>
  useQuery({
    queryKey: ['runs', 'pad-wear'],
    queryFn: ({ signal }) => ask('/api/pad-wear', z.array(padWear), { signal }),
  })

/** What the log says of mats and folders; stale with every run. */
export const useMatWear = () =>
  useQuery({
    queryKey: ['runs', 'mat-wear'],
    queryFn: ({ signal }) => ask('/api/mat-wear', matWear, { signal }),
  })
