import { QueryTypes, type Sequelize } from 'sequelize'

/** All that a bundle is gathered from. */
const TABLES = ['plates', 'presses', 'dies', 'sheets', 'offcuts', 'jobs', 'runs', 'house_rules', 'run_evidence']

/** A name for the workshop as it stands: it changes whenever anything does that a plan is worked out from. */
export const standingWorkshop = async (sequelize: Sequelize): Promise<string> => {
  // PostgreSQL's own number of a row's last change, which an import changes too.
  const parts = TABLES.map(
    (table) =>
      `SELECT '${table}' AS name, count(*) AS rows, sum(hashtextextended(t.xmin::text, 0)::numeric) AS changes FROM ${table} AS t`,
  )
  const [row] = await sequelize.query<{ readonly name: string }>(
    `SELECT md5(string_agg(name || ' ' || rows || ' ' || coalesce(changes, 0), ',' ORDER BY name)) AS name
     FROM (${parts.join(' UNION ALL ')}) AS standing`,
    { type: QueryTypes.SELECT },
  )
  return row?.name ?? ''
}
