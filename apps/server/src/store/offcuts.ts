import { groupBy, boxAround, usableOf } from '@bold-heron/core'
import type { OffcutInput, OffcutRow } from '@bold-heron/schema'
import { Op, QueryTypes, type Transaction } from 'sequelize'
import { OffcutModel } from './models/offcut-model.js'
import { RunModel } from './models/run-model.js'
import { SheetModel } from './models/sheet-model.js'
import { namesOf, type ShelfFilter, shelfRowShape, shelfWhere } from './row-shape.js'
import type { TableSpec } from './table.js'
import { lastUsedFirst, pressedWith } from './last-used.js'

export interface OffcutFilter extends ShelfFilter {
  readonly sheetId?: string | undefined
}

interface Claim {
  readonly offcutId: string
  readonly jobId: string
  readonly jobName: string
}

/** Jobs that are not done and have a run that is to be cut from one of some leftovers. */
const claimsOn = async (ids: readonly string[], transaction: Transaction): Promise<Map<string, Claim[]>> => {
  if (ids.length === 0) return new Map()
  const claims = await OffcutModel.sequelize?.query<Claim>(
    `SELECT DISTINCT job_runs.cut_from->>'offcutId' AS "offcutId", jobs.id AS "jobId", jobs.name AS "jobName"
     FROM job_runs JOIN jobs ON jobs.id = job_runs.job_id
     WHERE job_runs.cut_from->>'offcutId' = ANY (ARRAY[:ids]) AND jobs.deleted_at IS NULL
       AND jobs.state NOT IN ('done', 'set-aside')
     ORDER BY jobs.name`,
    { type: QueryTypes.SELECT, replacements: { ids }, transaction },
  )
  return groupBy(claims ?? [], ({ offcutId }) => offcutId)
}

const areaOfLoops = ([outer = [], ...holes]: OffcutInput['loops']): number => usableOf(outer, holes).areaMm2

const toOffcutRows = async (stored: readonly OffcutModel[], transaction: Transaction): Promise<OffcutRow[]> => {
  const sheets = await namesOf(
    SheetModel,
    stored.map(({ sheetId }) => sheetId),
    transaction,
  )
  const claims = await claimsOn(
    stored.map(({ id }) => id),
    transaction,
  )
  return stored.map((offcut) => {
    const box = boxAround(offcut.loops)
    return {
      ...shelfRowShape(offcut),
      name: offcut.name,
      sheetId: offcut.sheetId,
      loops: offcut.loops,
      source: offcut.source,
      caliperMm: offcut.caliperMm,
      fromRunId: offcut.fromRunId,
      note: offcut.note,
      sheetName: sheets.get(offcut.sheetId) ?? '',
      lengthMm: box ? box.toX - box.fromX : 0,
      widthMm: box ? box.toY - box.fromY : 0,
      areaMm2: offcut.areaMm2,
      claims: (claims.get(offcut.id) ?? []).map(({ jobId, jobName }) => ({ jobId, jobName })),
    }
  })
}

export const offcutsTable: TableSpec<OffcutModel, OffcutInput, OffcutRow, OffcutFilter> = {
  model: OffcutModel,
  order: lastUsedFirst(
    [
      ['areaMm2', 'DESC'],
      ['id', 'ASC'],
    ],
    pressedWith.offcuts,
  ),
  columns: (input) => ({ ...input, areaMm2: Math.max(1, areaOfLoops(input.loops)) }),
  rows: toOffcutRows,
  references: ({ sheetId, fromRunId }) => [
    { path: 'sheetId', id: sheetId, model: SheetModel, what: 'sheet' },
    ...(fromRunId ? [{ path: 'fromRunId', id: fromRunId, model: RunModel, what: 'run' }] : []),
  ],
  where: ({ sheetId, ...shelf }) => ({ [Op.and]: [shelfWhere(shelf), sheetId ? { sheetId } : {}] }),
}
