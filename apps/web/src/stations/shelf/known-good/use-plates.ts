import type { Plate } from '@bold-heron/core'
import { type PlateRow, platesById } from '@bold-heron/schema'
import { useMemo } from 'react'
import { useRows } from '../../../data/rows.js'

/** All plates by id, retired ones too, as rows and as the core sees them. */
export const usePlates = (): { readonly rows: readonly PlateRow[]; readonly byId: ReadonlyMap<string, Plate> } => {
  const { data } = useRows('plates', { retired: 'all' })
  return useMemo(() => {
    const rows = data?.items ?? []
    return { rows, byId: platesById(rows) }
  }, [data])
}
