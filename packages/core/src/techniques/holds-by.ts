import { factsOfDieClass } from '../dies/classes/list.js'
import type { CutContext } from '../job/cut-context.js'
import type { Stack } from '../layers/stack.js'

/**
 * What keeps the dies where they lie: a magnet in the stack holds thin ones, which are of steel, with no tape; else low-tack tape does. Common
 * practice, no source.
 */
export const holdsBy = (stack: Stack, { dies }: Pick<CutContext, 'dies'>): 'magnet' | 'tape' => {
  const isMagnetic = stack.some((layer) => layer.is === 'plate' && layer.plate.magnetic)
  const isThinSteel = dies.every(({ dieClass }) => {
    const { use, cased } = factsOfDieClass(dieClass)
    return use === 'die' && !cased
  })
  return isMagnetic && isThinSteel ? 'magnet' : 'tape'
}
