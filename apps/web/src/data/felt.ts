import type { FeltGap } from '@bold-heron/core'
import { feltGapOfPress, type PressRow } from '@bold-heron/schema'
import { useSaveRow } from './rows.js'

/** Gaps that a press keeps; the oldest goes. */
const MOST_KEPT = 10

/** Keeps a gap that was felt out with its press, as of now. */
export const useKeepFelt = () => {
  const { mutateAsync, isPending } = useSaveRow('presses')
  const keep = (row: PressRow, felt: FeltGap) => {
    const kept = feltGapOfPress.parse({ at: new Date().toISOString(), ...felt })
    return mutateAsync({
      id: row.id,
      version: row.version,
      input: { ...row, felt: [...row.felt, kept].slice(-MOST_KEPT) },
    })
  }
  return { keep, isPending }
}
