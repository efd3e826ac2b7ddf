import { type CutContext, pileMmOf } from '../../job/cut-context.js'
import type { Plate } from '../../layers/plate.js'
import type { Stack } from '../../layers/stack.js'
import { crackOf } from '../relief/crack.js'
import type { Change, Changes } from '../change.js'
import type { Computed } from '../computed.js'
import type { MatSpec } from './mat-spec.js'
import { ORDINARY_CARD_MM } from '../../materials/sheet-kind.js'

const countIn = (stack: Stack, { id }: Plate): number =>
  stack.filter((layer) => layer.is === 'plate' && layer.plate.id === id).length

const shimMore = (stack: Stack, shelf: readonly Plate[], squeezeMm: number): Change[] => {
  // The one that is nearest to ordinary card.
  const [nearest] = shelf
    .filter((plate) => plate.kind === 'shim' && countIn(stack, plate) < plate.count)
    .sort(
      (one, other) =>
        Math.abs(one.thickness.valueMm - ORDINARY_CARD_MM) - Math.abs(other.thickness.valueMm - ORDINARY_CARD_MM),
    )
  return nearest
    ? [
        {
          proposal: { code: 'shim-more', plate: nearest.name },
          squeezeMm: squeezeMm + nearest.thickness.valueMm,
        },
      ]
    : []
}

const shimOut = (stack: Stack, squeezeMm: number): Change[] => {
  const [thinnest] = stack
    .flatMap((layer) => (layer.is === 'plate' && layer.role === 'shim' ? [layer.plate] : []))
    .sort((one, other) => one.thickness.valueMm - other.thickness.valueMm)
  return thinnest
    ? [
        {
          proposal: { code: 'shim-out', plate: thinnest.name },
          squeezeMm: squeezeMm - thinnest.thickness.valueMm,
        },
      ]
    : []
}

/** Other mats of the shelf, the plates around them chosen anew. */
const otherMats = (spec: MatSpec, stack: Stack, shelf: readonly Plate[], kinds: readonly string[]): Change[] =>
  shelf
    .filter((plate) => kinds.includes(plate.kind) && plate.kind === 'embossing-mat' && countIn(stack, plate) === 0)
    .map((plate) => ({
      proposal: { code: 'other-mat', plate: plate.name },
      bed: spec.bedOfPlate(plate),
      atItsBest: true,
    }))

/** A shape that the sheet hardly bears is better made of fewer layers; how much that gives is the crack rule's to say, not the press's. */
const fewerLayers = (cut: CutContext): Changes['saidAnyway'] =>
  cut.dies.some(
    ({ dieClass, height }) => dieClass === 'shape' && crackOf(height.valueMm, pileMmOf(cut), cut.sheet.kind) !== 'fine',
  )
    ? [{ code: 'fewer-layers' }]
    : []

/** What would make a stack do better: a card more, a shim out, another mat, fewer layers in the shape. */
export const matChanges =
  (spec: MatSpec): Computed['changesTo'] =>
  (cut, { stack, squeezeMm, shelf, bedKinds }) => ({
    weighed: [
      ...shimMore(stack, shelf, squeezeMm),
      ...shimOut(stack, squeezeMm),
      ...otherMats(spec, stack, shelf, bedKinds),
    ],
    saidAnyway: fewerLayers(cut),
  })
