import { blurred } from './blur.js'
import { type GapGrid, together } from './gap-grid.js'
import { averagePieces, differenceSpreadMm, type PiecesById } from './pieces.js'

/** What something says of a gap, counted on plates as thick as they are noted; on which; and how often it counts in the average, once unless told otherwise. */
export interface Says {
  readonly log: GapGrid
  /** None where no plates are in it. */
  readonly pieces: PiecesById
  readonly times?: number
}

const nameOf = (pieces: PiecesById): string =>
  Object.entries(pieces)
    .map(([id, { count }]) => `${id} ${count}`)
    .sort()
    .join(' ')

/** The plates of all that was said, on average. */
export const piecesOfAll = (all: readonly Pick<Says, 'pieces' | 'times'>[]): PiecesById =>
  averagePieces(all.filter(({ pieces }) => Object.keys(pieces).length > 0))

/**
 * Everything that was said, counted on the same plates. What was said on others is as much less sure as they may err against these; what was
 * said on one set of plates errs together.
 */
export const countedOn = (pieces: PiecesById, all: readonly Pick<Says, 'log' | 'pieces'>[]): GapGrid => {
  const groups = new Map<string, { readonly pieces: PiecesById; readonly logs: GapGrid[] }>()
  for (const says of all) {
    const name = nameOf(says.pieces)
    const group = groups.get(name)
    if (group) group.logs.push(says.log)
    else groups.set(name, { pieces: says.pieces, logs: [says.log] })
  }
  return together(
    ...[...groups.values()].map((group) => blurred(together(...group.logs), differenceSpreadMm(group.pieces, pieces))),
  )
}
