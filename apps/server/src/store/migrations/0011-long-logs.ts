import type { QueryInterface } from 'sequelize'

/** With each run, whether it took too long to be learnt from. */
export const longLogs = {
  name: '0011-long-logs',
  up: ({ context }: { context: QueryInterface }) =>
    context.sequelize.query(`ALTER TABLE runs ADD COLUMN left_out boolean NOT NULL DEFAULT false`),
  down: ({ context }: { context: QueryInterface }) => context.sequelize.query(`ALTER TABLE runs DROP COLUMN left_out`),
}
