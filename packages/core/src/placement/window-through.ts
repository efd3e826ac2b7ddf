import { transformed } from '../geometry/affine.js'
import { type Card, throughFold } from './card.js'
import type { Motif } from './placed-run.js'

/**
 * Where a motif must lie on the open card's inside so that it shows through a window of the front when the card is shut: its place
 * on the other panel, mm, as seen on the front of the open sheet. Undefined without a fold.
 */
export const insidePlace = (card: Card, { xMm, yMm }: Pick<Motif, 'xMm' | 'yMm'>) => {
  if (!card.fold) return undefined
  const [x, y] = transformed([xMm, yMm], throughFold(card.fold)) as [number, number]
  return { xMm: x, yMm: y }
}
