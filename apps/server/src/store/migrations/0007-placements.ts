import type { QueryInterface } from 'sequelize'

const TECHNIQUES = `technique IN ('full-cut', 'edge-partial', 'block-partial')`

/** Where things lie on the card, with a job and with each of its runs; and blocks glued up of card in a job's chosen stack. */
export const placementColumns = {
  name: '0007-placements',
  async up({ context }: { context: QueryInterface }): Promise<void> {
    const run = (sql: string): Promise<unknown> => context.sequelize.query(sql)
    await run(
      `ALTER TABLE jobs DROP CONSTRAINT jobs_technique_check,
         ADD CONSTRAINT jobs_technique_check CHECK (${TECHNIQUES}), ADD COLUMN placement jsonb`,
    )
    await run(`ALTER TABLE runs ADD COLUMN placement jsonb`)
    await run(
      `ALTER TABLE job_layers DROP CONSTRAINT job_layers_check, ADD COLUMN glued text,
         ADD CONSTRAINT job_layers_check
           CHECK ((layer_is = 'plate') = (plate_id IS NOT NULL OR glued IS NOT NULL) AND (plate_id IS NULL OR glued IS NULL))`,
    )
  },
  async down({ context }: { context: QueryInterface }): Promise<void> {
    const run = (sql: string): Promise<unknown> => context.sequelize.query(sql)
    await run(`DELETE FROM job_layers WHERE job_id IN (SELECT job_id FROM job_layers WHERE glued IS NOT NULL)`)
    await run(
      `ALTER TABLE job_layers DROP CONSTRAINT job_layers_check, DROP COLUMN glued,
         ADD CONSTRAINT job_layers_check CHECK ((layer_is = 'plate') = (plate_id IS NOT NULL))`,
    )
    await run(`ALTER TABLE runs DROP COLUMN placement`)
    await run(`UPDATE jobs SET technique = 'full-cut'`)
    await run(
      `ALTER TABLE jobs DROP COLUMN placement, DROP CONSTRAINT jobs_technique_check,
         ADD CONSTRAINT jobs_technique_check CHECK (technique IN ('full-cut'))`,
    )
  },
}
