import type { StackThatWorked } from '@bold-heron/schema'
import { QueryTypes, type Sequelize, type Transaction } from 'sequelize'
import type { Resisting } from '../learning/learnt-of.js'
import { among } from '../store/among.js'

/** Of each kind of cut, the newest so many are looked at. */
const MOST_OF_A_KIND = 200

/** What stacks came out clean, newest first, on presses that are named: of what is done of which sheets, or of all that was. */
export const stacksThatWorkedOn = (
  sequelize: Sequelize,
  pressIds: readonly string[],
  of: readonly Resisting[] | 'all',
  transaction: Transaction,
): Promise<StackThatWorked[]> => {
  const asked =
    of === 'all' ? [] : of.flatMap(({ technique, sheetIds }) => sheetIds.map((sheetId) => [technique, sheetId]))
  const isAsked =
    of === 'all'
      ? ''
      : 'AND (run.technique, run.sheet_id::text) IN (SELECT value->>0, value->>1 FROM json_array_elements(:asked))'
  return sequelize.query<StackThatWorked>(
    `WITH clean AS (
       SELECT run.id, run.at, run.press_id, run.technique, run.blade_side, run.sheet_count, run.sheet_id, its.die_class,
         row_number() OVER (PARTITION BY run.press_id, run.technique, run.blade_side, run.sheet_count, its.die_class, run.sheet_id
                            ORDER BY run.at DESC) AS newest
       FROM runs AS run
       JOIN LATERAL (SELECT DISTINCT die_class FROM run_dies JOIN dies ON dies.id = run_dies.die_id
                     WHERE run_dies.run_id = run.id) AS its ON true
       WHERE run.press_id IN ${among('pressIds')} AND run.deleted_at IS NULL ${isAsked}
         AND (SELECT seen FROM run_rounds WHERE run_id = run.id ORDER BY position DESC LIMIT 1) = 'clean'
         AND NOT EXISTS (SELECT FROM run_layers WHERE run_id = run.id AND layer_is = 'plate' AND plate_id IS NULL))
     SELECT clean.press_id AS "pressId", clean.technique, clean.blade_side AS "bladeSide", clean.sheet_count AS "sheetCount",
       clean.sheet_id AS "sheetId", clean.die_class AS "dieClass",
       array_agg(layer.plate_id || layer.leaves ORDER BY layer.position) AS "plateIds"
     FROM clean JOIN run_layers AS layer ON layer.run_id = clean.id AND layer.layer_is = 'plate'
     WHERE clean.newest <= :most
     GROUP BY clean.id, clean.at, clean.press_id, clean.technique, clean.blade_side, clean.sheet_count, clean.die_class, clean.sheet_id
     ORDER BY clean.at DESC`,
    {
      type: QueryTypes.SELECT,
      replacements: { pressIds: JSON.stringify(pressIds), asked: JSON.stringify(asked), most: MOST_OF_A_KIND },
      transaction,
    },
  )
}
