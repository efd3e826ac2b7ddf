import type { Layer, Role } from './layer.js'
import type { Stack } from './stack.js'

/** A layer by reference: a plate of the shelf and what it is there for, the dies, or the sheets. */
export type WrittenLayer =
  | { readonly is: 'plate'; readonly plateId: string; readonly role: Role }
  | { readonly is: 'dies' }
  | { readonly is: 'sheets' }

/** A stack by reference, bottom to top. */
export type WrittenStack = readonly WrittenLayer[]

/** A stack as it is written down. */
export const writtenOf = (stack: Stack): WrittenLayer[] =>
  stack.map((layer: Layer) =>
    layer.is === 'plate' ? { is: 'plate', plateId: layer.plate.id, role: layer.role } : { is: layer.is },
  )
