import type { BladeSide, Layer, Role } from './layer.js'
import type { Die } from '../dies/die.js'
import type { Sheet } from '../materials/sheet.js'
import type { Plate } from './plate.js'
import type { Stack } from './stack.js'

/** A layer by reference: a plate of the shelf and what it is there for, the dies, or the sheets. */
export type LayerReference =
  | { readonly is: 'plate'; readonly plateId: string; readonly role: Role }
  | { readonly is: 'dies' }
  | { readonly is: 'sheets' }

/** A stack by reference, bottom to top: what is kept, sent and asked for; `resolvedStack` makes a stack of it. */
export type StackReference = readonly LayerReference[]

/** The reference of a stack. */
export const referenceOf = (stack: Stack): StackReference =>
  stack.map((layer: Layer): LayerReference =>
    layer.is === 'plate' ? { is: 'plate', plateId: layer.plate.id, role: layer.role } : { is: layer.is },
  )

/** What lies between the plates of a stack. */
interface Pressed {
  readonly dies: readonly Die[]
  readonly bladeSide: BladeSide
  readonly sheet: Sheet
  readonly sheetCount: number
}

/** A layer that refers to its plate by whatever name there is for it. */
type AnyReference = { readonly is: 'plate'; readonly role: Role } | { readonly is: 'dies' } | { readonly is: 'sheets' }
type PlateIn<Referring> = Extract<Referring, { readonly is: 'plate' }>

/** The stack that layers refer to, bottom to top; a plate that is not found is left out. */
export const resolvedStack = <Referring extends AnyReference>(
  layers: readonly Referring[],
  { dies, bladeSide, sheet, sheetCount }: Pressed,
  plateOf: (layer: PlateIn<Referring>) => Plate | undefined,
): Layer[] =>
  layers.flatMap((layer): Layer[] => {
    switch (layer.is) {
      case 'dies':
        return [{ is: 'dies', dies, blade: bladeSide }]
      case 'sheets':
        return [{ is: 'sheets', sheet, count: sheetCount }]
      case 'plate': {
        const plate = plateOf(layer as PlateIn<Referring>)
        return plate ? [{ is: 'plate', plate, role: layer.role }] : []
      }
    }
  })

/** One name for the same pieces in the same roles, bottom to top: two stacks are the same where it is. */
export const keyOfReference = (layers: StackReference): string =>
  layers.map((layer) => (layer.is === 'plate' ? `${layer.role} ${layer.plateId}` : layer.is)).join(' · ')

/** The same for a stack. */
export const keyOfStack = (stack: Stack): string => keyOfReference(referenceOf(stack))

/** A name for a set of plates whatever their order and roles. */
export const keyOfPieces = (plateIds: readonly string[]): string => [...plateIds].sort().join(' ')
