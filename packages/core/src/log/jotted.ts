import type { Role } from '../layers/layer.js'
import type { PlateKind } from '../materials/plate-kind.js'

/** What was changed of a stack that had been used before. */
export const jotChanges = ['same', 'more', 'less'] as const
export type JotChange = (typeof jotChanges)[number]

/** mm. What people mean by "one sheet": copy paper. Common practice, no source. */
const ONE_SHEET_MM = 0.1

/** As much of a plate of the shelf as a change of a stack minds. */
interface ShelfPlate {
  readonly id: string
  readonly name: string
  readonly kind: PlateKind
  readonly count: number
  readonly thicknessMm: number
  readonly retiredAt: string | null
}

/** A layer as the log keeps it. */
interface LoggedLayer {
  readonly is: 'plate' | 'dies' | 'sheets'
  readonly plateId: string | null
  readonly name: string
  readonly thicknessMm: number
  readonly role: Role | null
  readonly lie: { readonly face: 'a' | 'b'; readonly turned: boolean } | null
}
type Layers = readonly LoggedLayer[]

const isShim = (layer: Layers[number]): boolean => layer.role === 'shim'

/** The shim of the shelf that is most like a sheet of paper, and of which there is one more than the stack holds already. */
const oneSheetOf = (shelf: readonly ShelfPlate[], layers: Layers): ShelfPlate | undefined =>
  shelf
    .filter(
      ({ id, kind, count, retiredAt }) =>
        kind === 'shim' && retiredAt === null && layers.filter(({ plateId }) => plateId === id).length < count,
    )
    .sort((one, other) => Math.abs(one.thicknessMm - ONE_SHEET_MM) - Math.abs(other.thicknessMm - ONE_SHEET_MM))[0]

const thinnest = (layers: Layers): Layers[number] | undefined =>
  layers.filter(isShim).sort((one, other) => one.thicknessMm - other.thicknessMm)[0]

/** The layers of a stack with one sheet more, or its thinnest shim out; undefined where there is none to add or take. */
export const changedLayers = (
  layers: Layers,
  change: JotChange,
  shelf: readonly ShelfPlate[],
): { readonly layers: Layers; readonly byMm: number } | undefined => {
  if (change === 'same') return { layers, byMm: 0 }
  if (change === 'less') {
    const out = thinnest(layers)
    return out && { layers: layers.filter((layer) => layer !== out), byMm: -out.thicknessMm }
  }
  const sheet = oneSheetOf(shelf, layers)
  if (!sheet) return undefined
  const { id: plateId, name, thicknessMm } = sheet
  const at = layers.findLastIndex(({ role }) => role === 'platform' || role === 'spacer' || role === 'shim') + 1
  const added: Layers[number] = { is: 'plate', plateId, name, thicknessMm, role: 'shim', lie: null }
  return { layers: [...layers.slice(0, at), added, ...layers.slice(at)], byMm: thicknessMm }
}

/** The runs that something can be jotted after: the latest with each press, dies and sheet. */
export const latestOfEach = <
  Run extends { readonly pressId: string; readonly dieIds: readonly string[]; readonly sheetId: string },
>(
  runs: readonly Run[],
  most: number,
): Run[] => {
  const seen = new Set<string>()
  return runs
    .filter(({ pressId, dieIds, sheetId }) => {
      const key = [pressId, ...dieIds, sheetId].join(' ')
      if (seen.has(key)) return false
      seen.add(key)
      return true
    })
    .slice(0, most)
}
