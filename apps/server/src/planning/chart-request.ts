import { type ChartRequest, type Die, type DieClass, dieClasses, factsOfDieClass, techniqueOf } from '@bold-heron/core'
import {
  type Bundle,
  type ChartBasis,
  chartRequestOf,
  type ChartRow,
  MOST_CHART_COLUMNS,
  MOST_CHART_ROWS,
  platesOf,
  pressOf,
  toDie,
  usualDie,
  usualSheet,
} from '@bold-heron/schema'
import { Op, type Sequelize, type Transaction } from 'sequelize'
import { DieModel } from '../store/models/die-model.js'
import { SheetModel } from '../store/models/sheet-model.js'
import { inSnapshot } from '../store/transactions.js'
import { gatherBundle } from './gather-bundle.js'
import { nameOf } from './name-of.js'

/** What a chart is computed from, a name for each part of it, and how many runs of the log it rests on. */
export interface GatheredChart {
  readonly request: ChartRequest
  readonly basis: ChartBasis
  /** Of all that its cells rest on, however few base stacks are wanted. */
  readonly cellsName: string
  readonly runs: number
}

/** A die as it is usual for its class, of the size that people mean who name it. */
const dieOfClass = (dieClass: DieClass): Die => {
  const [lengthMm, widthMm] = factsOfDieClass(dieClass).typicalSizeMm
  return toDie({
    ...usualDie(dieClass),
    id: `usual ${dieClass}`,
    name: dieClass,
    lengthMm,
    widthMm,
    outline: null,
  })
}

/** Plain card of a thickness, mm. */
const plainCard = (mm: number): Bundle['sheets'][number] => ({
  ...usualSheet,
  id: `card ${mm}`,
  name: `${mm}`,
  grammage: null,
  weightTyped: '',
  caliperMm: mm,
  caliperBy: 'caliper',
  stock: 0,
  parts: [],
})

/** What comes to the shelf later joins nobody's chart unasked. */
const onShelfWhenSaved = (updatedAt: string) => ({
  retiredAt: null,
  deletedAt: null,
  createdAt: { [Op.lte]: new Date(updatedAt) },
})

/** Dies or sheets of a chart: those that the shelf has, by id, and those that are made up as they usually are. */
interface Asked<Thing> {
  readonly ids: readonly string[]
  readonly madeUp: readonly Thing[]
}

/** A chart's rows: the dies that are named, all that the technique takes, or as kinds of die usually are. */
const rowsOf = async ({ rows, technique, updatedAt }: ChartRow, transaction: Transaction): Promise<Asked<Die>> => {
  if (rows.by === 'classes')
    return { ids: [], madeUp: dieClasses.filter((each) => rows.dieClasses.includes(each)).map(dieOfClass) }
  if (rows.dieIds.length > 0) return { ids: rows.dieIds, madeUp: [] }
  const taken = dieClasses.filter((each) => techniqueOf(technique).takes.includes(factsOfDieClass(each).use))
  const stored = await DieModel.findAll({
    where: { ...onShelfWhenSaved(updatedAt), dieClass: taken },
    attributes: ['id'],
    order: [
      ['dieClass', 'ASC'],
      ['name', 'ASC'],
      ['id', 'ASC'],
    ],
    limit: MOST_CHART_ROWS,
    transaction,
  })
  return { ids: stored.map(({ id }) => id), madeUp: [] }
}

/** And its columns: sheets of the shelf by their thickness, or plain card of some thicknesses. */
const columnsOf = async (
  { columns, updatedAt }: ChartRow,
  transaction: Transaction,
): Promise<Asked<Bundle['sheets'][number]>> => {
  if (columns.by === 'thicknesses') return { ids: [], madeUp: [...columns.mm].sort((a, b) => a - b).map(plainCard) }
  const stored = await SheetModel.findAll({
    where: columns.sheetIds.length > 0 ? { id: columns.sheetIds } : onShelfWhenSaved(updatedAt),
    attributes: ['id'],
    order: [
      ['caliperMm', 'ASC'],
      ['name', 'ASC'],
      ['id', 'ASC'],
    ],
    limit: MOST_CHART_COLUMNS,
    transaction,
  })
  return { ids: stored.map(({ id }) => id), madeUp: [] }
}

const idsOf = <Thing extends { readonly id: string }>({ ids, madeUp }: Asked<Thing>): string[] => [
  ...ids,
  ...madeUp.map(({ id }) => id),
]

/** Gathers everything that a chart is computed from, read in one snapshot. Undefined where the press is not there. */
export const gatherChart = (sequelize: Sequelize, chart: ChartRow): Promise<GatheredChart | undefined> =>
  inSnapshot(sequelize, async (transaction) => {
    const { technique, pressId, perBase } = chart
    const rows = await rowsOf(chart, transaction)
    const columns = await columnsOf(chart, transaction)
    const ofShelf = await gatherBundle(
      sequelize,
      {
        pressIds: [pressId],
        dieIds: rows.ids,
        sheetIds: columns.ids,
        log: [{ technique, sheetIds: columns.ids }],
      },
      transaction,
    )
    const bundle: Bundle = {
      ...ofShelf,
      dies: [...ofShelf.dies, ...rows.madeUp],
      sheets: [...ofShelf.sheets, ...columns.madeUp],
    }
    const question = { technique, pressId, perBase, dieIds: idsOf(rows), sheetIds: idsOf(columns) }
    const request = chartRequestOf(bundle, question)
    return request && { request, ...namesOf(chart, request, bundle) }
  })

/** Names for the parts of a chart's request, and for all that its cells rest on. */
const namesOf = (
  { technique, pressId, perBase, ...chart }: ChartRow,
  request: ChartRequest,
  bundle: Bundle,
): Omit<GatheredChart, 'request'> => {
  const learnt = request.columns.map((column) => column.learnt)
  const shown = [technique, chart.rows, chart.columns, request.bladeSide]
  const parts = {
    press: nameOf(pressOf(bundle, pressId, platesOf(bundle))),
    plates: nameOf(request.shelf),
    dies: nameOf(request.rows.flatMap(({ dies }) => dies)),
    sheets: nameOf(request.columns.map(({ sheet }) => sheet)),
    rules: nameOf(request.rules),
    log: nameOf([learnt, request.rows.map((row) => [row.worn, row.workedBefore, row.learnt])]),
  }
  return {
    basis: { ...parts, chart: nameOf([...shown, perBase]) },
    cellsName: nameOf(['cells', parts, shown]),
    runs: Math.max(0, ...learnt.map((each) => each?.pressRuns ?? 0)),
  }
}
