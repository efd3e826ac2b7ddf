import type { JobInput } from '../entered/job.js'
import { plainRun, runInHandOf } from './runs-of-job.js'

/** What a piece is let into, of which sheet it is, and what masks it. */
export interface Inlay {
  readonly pieceSheetId: string
  /** Film or paper that keeps ink and glue off the rim; null: none. */
  readonly maskSheetId: string | null
  /** What the runs are called. */
  readonly names: { readonly mask: string; readonly recess: string; readonly piece: string }
}

/**
 * A job that lets a piece into a recess, both cut by one die: the mask first, as it is laid where the recess is to be and shows the place, then
 * the recess in the job's own sheet, then the piece. Common practice, no source.
 */
export const asInlay = (input: JobInput, { pieceSheetId, maskSheetId, names }: Inlay): JobInput => {
  const recess = { ...runInHandOf(input), id: 'recess', name: names.recess, finishes: false }
  const { dieIds, bladeSide } = recess
  const single = { ...plainRun, dieIds, bladeSide, sheetCount: 1, finishes: false }
  return {
    ...input,
    runInHand: 0,
    runs: [
      ...(maskSheetId === null ? [] : [{ ...single, id: 'mask', name: names.mask, sheetId: maskSheetId }]),
      recess,
      { ...single, id: 'piece', name: names.piece, sheetId: pieceSheetId, finishes: true },
    ],
  }
}
