import type { ResponseRecord } from '../goals/response-record.js'
import type { Plate } from '../layers/plate.js'
import type { SimulatedResponses } from '../planner/simulated-responses.js'
import type { Steps } from '../numerics/steps.js'
import { isFramedPlace } from '../stacks/places.js'
import { measured } from '../units/measured.js'
import type { BaseStack } from '../bases/base-stacks.js'
import { RecordedResponses } from '../bases/recorded-responses.js'
import { cellRequest, type ChartRequest } from './chart-request.js'
import type { Candidate } from '../bases/candidates.js'
import type { Chart } from './read-chart.js'
import { OperationReader, type SharedBase } from '../bases/operation-reader.js'

/** A plate or shim that is not on the shelf, and the cells that it would fill. */
export interface Wish {
  readonly kind: 'shim' | 'spacer'
  readonly thicknessMm: number
  /** Row and column of each cell. */
  readonly cells: readonly (readonly [row: number, column: number])[]
}

/** Thicknesses in mm that can be had: card and film by the twentieth, plates by the half. Common practice, no source. */
const SHIMS_MM = Array.from({ length: 24 }, (_, at) => Math.round((at + 1) * 5) / 100)
const SPACERS_MM = Array.from({ length: 10 }, (_, at) => (at + 1) / 2)

const wishId = (kind: Wish['kind'], mm: number): string => `wish ${kind} ${mm}`

/** Plates as large as the largest of their kind, measured with a caliper; of shims two. */
const wishPlates = (
  shelf: readonly Plate[],
): { readonly plate: Plate; readonly kind: Wish['kind']; readonly mm: number }[] => {
  const like = (kind: Plate['kind']): Plate | undefined =>
    shelf
      .filter((plate) => plate.kind === kind || plate.kind === 'cutting-pad')
      .sort((a, b) => b.lengthMm * b.widthMm - a.lengthMm * a.widthMm)[0]
  const made = (kind: Wish['kind'], mm: number) => {
    const model = like(kind)
    if (!model) return []
    const plate: Plate = {
      ...model,
      id: wishId(kind, mm),
      name: wishId(kind, mm),
      kind,
      count: kind === 'shim' ? 2 : 1,
      thickness: measured(mm, 'caliper'),
      magnetic: false,
      faces: ['fresh', 'fresh'],
      reservedForSteel: false,
    }
    return [{ plate, kind, mm }]
  }
  const has = new Set(shelf.filter(({ kind }) => kind === 'shim').map(({ thickness }) => thickness.valueMm.toFixed(2)))
  return [
    ...SHIMS_MM.filter((mm) => !has.has(mm.toFixed(2))).flatMap((mm) => made('shim', mm)),
    ...SPACERS_MM.flatMap((mm) => made('spacer', mm)),
  ]
}

/** A kept base with another spacer, or with one where it has none. */
const withSpacer = (base: SharedBase, spacer: Plate): SharedBase =>
  new Map(
    [...base].map(([series, { places, plates, ...rest }]): [string, BaseStack] => {
      const at = places.filter(isFramedPlace).findIndex(({ role }) => role === 'spacer')
      const heightMm = rest.heightMm + spacer.thickness.valueMm - (plates[at]?.thickness.valueMm ?? 0)
      const its = at === -1 ? plates : plates.map((plate, slot) => (slot === at ? spacer : plate))
      return [series, { ...rest, places, plates: its, heightMm: at === -1 ? rest.heightMm : heightMm }]
    }),
  )

/**
 * What to buy or cut next: for each plate or shim that is not on the shelf, the cells that stand empty on the kept bases and would be
 * filled with it: a shim on a kept base beside at most one of the shelf's, or a kept base with that spacer. Most cells first; of two
 * that fill as many, the shim before the plate and the thinner before the thicker.
 */
export function* wishSteps(
  request: ChartRequest,
  chart: Chart,
  kept: readonly Candidate[],
  answers: ReadonlyMap<string, ResponseRecord>,
  live: SimulatedResponses,
): Steps<Wish[]> {
  const wished = wishPlates(request.shelf)
  const answering = new RecordedResponses(request.technique, answers, live)
  const shelf = [...request.shelf, ...wished.map(({ plate }) => plate)]
  const isWish = new Set(wished.map(({ plate }) => plate.id))
  const filled = new Map<string, [number, number][]>()
  const fill = (id: string, row: number, column: number): void => {
    const its = filled.get(id) ?? []
    if (!its.some(([r, c]) => r === row && c === column)) filled.set(id, [...its, [row, column]])
  }
  const all = request.rows.length * request.columns.length
  let done = 0
  for (const [row, its] of request.rows.entries())
    for (const [column, its2] of request.columns.entries()) {
      yield ++done / all
      if (chart.cells[row]?.[column]?.is === 'base') continue
      const reader = new OperationReader(cellRequest({ ...request, shelf }, its, its2), answering)
      for (const { base } of kept) {
        for (const way of reader.waysOn(base)) {
          const wishes = way.shims.filter(({ id }) => isWish.has(id))
          const [only] = wishes
          if (wishes.length === 1 && only && reader.withCautions(base, way)) fill(only.id, row, column)
        }
        for (const { plate, kind } of wished) {
          if (kind !== 'spacer') continue
          const other = withSpacer(base, plate)
          const way = reader.waysOn(other).find(({ shims }) => !shims.some(({ id }) => isWish.has(id)))
          if (way && reader.withCautions(other, way)) fill(plate.id, row, column)
        }
      }
    }
  return wished
    .flatMap(({ plate, kind, mm }): Wish[] => {
      const its = filled.get(plate.id)
      return its ? [{ kind, thicknessMm: mm, cells: its }] : []
    })
    .sort(
      (a, b) =>
        b.cells.length - a.cells.length ||
        (a.kind === b.kind ? a.thicknessMm - b.thicknessMm : a.kind === 'shim' ? -1 : 1),
    )
}
