import type { Layer, Role } from '../layers/layer.js'
import type { Plate } from '../layers/plate.js'
import type { CutContext } from './cut-context.js'

/** A layer as it is written down: a plate by some name of its own. */
type WrittenLayer = { readonly is: 'plate'; readonly role: Role } | { readonly is: 'dies' } | { readonly is: 'sheets' }

/** Layers that were written down, bottom to top, as the stack that they stand for; a plate that is not found is left out. */
export const foundStack = <Written extends WrittenLayer>(
  layers: readonly Written[],
  cut: Pick<CutContext, 'dies' | 'sheet' | 'sheetCount' | 'bladeSide'>,
  plateOf: (layer: Extract<Written, { readonly is: 'plate' }>) => Plate | undefined,
): Layer[] =>
  layers.flatMap((layer): Layer[] => {
    switch (layer.is) {
      case 'dies':
        return [{ is: 'dies', dies: cut.dies, blade: cut.bladeSide }]
      case 'sheets':
        return [{ is: 'sheets', sheet: cut.sheet, count: cut.sheetCount }]
      case 'plate': {
        const plate = plateOf(layer as Extract<Written, { readonly is: 'plate' }>)
        return plate ? [{ is: 'plate', plate, role: layer.role }] : []
      }
    }
  })
