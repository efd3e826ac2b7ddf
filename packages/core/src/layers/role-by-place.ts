import type { BladeSide, Layer, Role } from './layer.js'
import type { PlateKind } from '../materials/plate-kind.js'
import { landingAmong } from './stack.js'

/** As much of a layer as its place tells: what it is, and a plate's kind where that is known. */
export interface PlacedLayer {
  readonly is: Layer['is']
  readonly kind?: PlateKind | undefined
}

/** Kinds that are there for one thing only, wherever they stand. */
const byKind: Partial<Record<PlateKind, Role>> = {
  platform: 'platform',
  spacer: 'spacer',
  shim: 'shim',
  'press-block': 'block',
}

/**
 * What each plate of a stack is there for, bottom to top, by where it stands: where nobody gave it a role. That is so in what was
 * kept before layers had one, and in stacks built by hand in an order that no technique has. The layer the blade lands on is the bed;
 * the nearest pad or mat behind the die is the pad; what else there is fills the stack up.
 */
export const rolesByPlace = (layers: readonly PlacedLayer[], blade: BladeSide): (Role | undefined)[] => {
  const dieIndex = layers.findIndex((layer) => layer.is === 'dies')
  const { bedIndex } = landingAmong(layers, blade)
  const behind = blade === 'down' ? 1 : -1
  const isPadLike = ({ is, kind }: PlacedLayer): boolean => is === 'plate' && (kind === undefined || !byKind[kind])
  let padIndex = dieIndex + behind
  while (dieIndex >= 0 && layers[padIndex] !== undefined && !isPadLike(layers[padIndex] as PlacedLayer))
    padIndex += behind
  return layers.map(({ is, kind }, at): Role | undefined => {
    if (is !== 'plate') return undefined
    if (dieIndex >= 0 && at === bedIndex) return 'bed'
    if (dieIndex >= 0 && at === padIndex) return 'pad'
    return (kind && byKind[kind]) ?? 'spacer'
  })
}
