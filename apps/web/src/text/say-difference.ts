import type { PieceCount, StackDifference } from '@bold-heron/core'
import type { TFunction } from 'i18next'

/** Pieces with their count, commas between. */
export const sayPieces = (t: TFunction<'app'>, counts: readonly PieceCount[]): string =>
  counts.map(({ count, name }) => (count === 1 ? name : t('plan.others.piece', { count, name }))).join(', ')

/** What is different about another stack, in one line: "same, Copy paper less". */
export const sayDifference = (t: TFunction<'app'>, { out, into, reordered }: StackDifference): string => {
  if (reordered) return t('plan.others.reordered')
  if (out.length > 0 && into.length > 0)
    return t('plan.others.swap', { out: sayPieces(t, out), into: sayPieces(t, into) })
  const changes = [
    ...(out.length > 0 ? [t('plan.others.out', { pieces: sayPieces(t, out) })] : []),
    ...(into.length > 0 ? [t('plan.others.into', { pieces: sayPieces(t, into) })] : []),
  ]
  return [t('plan.others.same'), ...changes].join(', ')
}
