import { type LearntStretch, learntStretch } from '@bold-heron/core'
import type { ToldJoins } from '@bold-heron/schema'
import type { Transaction } from 'sequelize'
import { RunModel } from '../store/models/run-model.js'

/** Newest runs that are looked at: a sheet's stretch changes with its make. */
const MOST_RUNS = 200

/** How much a sheet stretches in a pass, by the joins that were told in the log. */
export const stretchOfSheet = async (sheetId: string, transaction: Transaction): Promise<LearntStretch> => {
  const runs = await RunModel.findAll({
    where: { sheetId, deletedAt: null, setAside: false },
    attributes: ['joins'],
    order: [['at', 'DESC']],
    limit: MOST_RUNS,
    raw: true,
    transaction,
  })
  const joins = runs.flatMap(({ joins: each }): ToldJoins[] => (each ? [each] : []))
  return learntStretch(joins.flatMap(({ feed, told }) => told.map((each) => ({ ...each, feed }))))
}
