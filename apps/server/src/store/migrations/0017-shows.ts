import type { QueryInterface } from 'sequelize'

/** With each press run of a job, whether what is pressed into a mat is raised or sunk. */
export const shows = {
  name: '0017-shows',
  up: ({ context }: { context: QueryInterface }) =>
    context.sequelize.query(
      `ALTER TABLE job_runs ADD COLUMN shows text NOT NULL DEFAULT 'raised' CHECK (shows IN ('raised', 'sunk'))`,
    ),
  down: ({ context }: { context: QueryInterface }) => context.sequelize.query(`ALTER TABLE job_runs DROP COLUMN shows`),
}
