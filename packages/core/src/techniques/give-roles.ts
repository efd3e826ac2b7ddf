import type { Layer, Role } from '../layers/layer.js'
import type { Plate } from '../layers/plate.js'
import { rolesByPlace } from '../layers/role-by-place.js'
import type { Stack } from '../layers/stack.js'
import type { Method } from './method.js'
import type { CutContext } from '../job/cut-context.js'

/** A layer as a hand lays it: a plate that has no role yet. */
export type LaidLayer = { readonly is: 'plate'; readonly plate: Plate } | Exclude<Layer, { is: 'plate' }>

/**
 * A stack laid by hand with the role of each plate: as the method's sequence has it where the stack follows that, else as the plates'
 * places tell.
 */
export const withRoles = (layers: readonly LaidLayer[], method: Method, cut: CutContext): Stack => {
  const roles =
    method.rolesOf(layers, cut) ??
    rolesByPlace(
      layers.map((layer) => (layer.is === 'plate' ? { is: layer.is, kind: layer.plate.kind } : layer)),
      cut.bladeSide,
    )
  return layers.map((layer, at) =>
    layer.is === 'plate' ? { is: 'plate', plate: layer.plate, role: roles[at] as Role } : layer,
  )
}
