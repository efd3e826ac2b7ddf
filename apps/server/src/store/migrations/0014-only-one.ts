import type { QueryInterface } from 'sequelize'

/** With each press run of a job, whether its piece cannot be had again. */
export const onlyOne = {
  name: '0014-only-one',
  up: ({ context }: { context: QueryInterface }) =>
    context.sequelize.query(`ALTER TABLE job_runs ADD COLUMN only_one boolean NOT NULL DEFAULT false`),
  down: ({ context }: { context: QueryInterface }) =>
    context.sequelize.query(`ALTER TABLE job_runs DROP COLUMN only_one`),
}
