import type { Bundle } from '@bold-heron/schema'
import { QueryTypes, type Sequelize } from 'sequelize'
import { OffcutModel } from '../store/models/offcut-model.js'
import { PressModel } from '../store/models/press-model.js'
import { SheetModel } from '../store/models/sheet-model.js'
import { inSnapshot } from '../store/transactions.js'
import { gatherBundle } from './gather-bundle.js'

/** Dies that are taken along, with their lines: those of open jobs first, then those that were pressed last. */
const MOST_DIES = 150

/** The whole workshop as it is taken along by a device that may lose its connection, read in one snapshot. */
export const gatherWhole = (sequelize: Sequelize): Promise<Bundle> =>
  inSnapshot(sequelize, async (transaction) => {
    const kept = { where: { deletedAt: null }, attributes: ['id'], raw: true, transaction }
    const idsOf = (rows: readonly { readonly id: string }[]): string[] => rows.map(({ id }) => id)
    const dies = await sequelize.query<{ id: string }>(
      `SELECT die.id FROM dies AS die
       LEFT JOIN LATERAL (SELECT true AS asked FROM job_dies JOIN jobs ON jobs.id = job_dies.job_id
         WHERE job_dies.die_id = die.id AND jobs.deleted_at IS NULL AND jobs.state NOT IN ('done', 'set-aside') LIMIT 1) AS open ON true
       LEFT JOIN LATERAL (SELECT max(runs.at) AS at FROM run_dies JOIN runs ON runs.id = run_dies.run_id
         WHERE run_dies.die_id = die.id AND runs.deleted_at IS NULL) AS last ON true
       WHERE die.deleted_at IS NULL
       ORDER BY open.asked NULLS LAST, last.at DESC NULLS LAST, die.created_at DESC, die.id LIMIT :most`,
      { type: QueryTypes.SELECT, replacements: { most: MOST_DIES }, transaction },
    )
    return gatherBundle(
      sequelize,
      {
        pressIds: idsOf(await PressModel.findAll(kept)),
        dieIds: idsOf(dies),
        sheetIds: idsOf(await SheetModel.findAll(kept)),
        leftoverIds: idsOf(await OffcutModel.findAll(kept)),
        log: 'all',
      },
      transaction,
    )
  })
