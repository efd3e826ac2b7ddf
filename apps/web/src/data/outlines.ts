import { type DieClass, factsOfDieClass } from '@bold-heron/core'
import { type DieRow, type OutlineInput, outlineInput } from '@bold-heron/schema'
import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { drawing } from '../workers/drawing.js'
import type { OutlineView } from '../paths/outline-view.js'
import { ask } from './client.js'

/** The lines of a stored die; its row only sums them up. */
export const fetchOutline = (dieId: string): Promise<OutlineInput> => ask(`/api/dies/${dieId}/outline`, outlineInput)

/** A stored die's own lines, ready to be shown. */
export const useStoredOutline = (row: DieRow | undefined) =>
  useQuery<{ readonly outline: OutlineInput; readonly view: OutlineView | undefined }>({
    queryKey: ['dies', 'outline', row?.id, row?.version],
    queryFn: async () => {
      const outline = await fetchOutline((row as DieRow).id)
      return { outline, view: await drawing().view(outline.lines) }
    },
    enabled: row !== undefined && row.outline !== null,
    staleTime: Infinity,
  })

/** Where what a stored die cuts is parted, if it gives more pieces than come apart by themselves. */
export const useParting = (row: DieRow) => {
  const lines = useStoredOutline(row).data?.outline.lines
  return useQuery({
    queryKey: ['dies', 'parting', row.id, row.version],
    queryFn: () => drawing().parting(lines ?? [], row.pieces),
    enabled: lines !== undefined && factsOfDieClass(row.dieClass).use === 'die',
    staleTime: Infinity,
  })
}

/** The stand-in for a die without lines of its own, ready to be shown. */
export const useStandIn = (
  what: { readonly dieClass: DieClass; readonly lengthMm: number; readonly widthMm: number; readonly laciness: number },
  enabled: boolean,
) =>
  useQuery<OutlineView | null>({
    queryKey: ['stand-in', what],
    queryFn: async () => (await drawing().standIn(what.dieClass, what.lengthMm, what.widthMm, what.laciness)) ?? null,
    enabled,
    staleTime: Infinity,
    placeholderData: keepPreviousData,
  })
