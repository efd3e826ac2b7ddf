import type { QueryInterface } from 'sequelize'

/** With each job, its place among the jobs where somebody put them in an order. */
export const jobOrder = {
  name: '0013-job-order',
  up: ({ context }: { context: QueryInterface }) =>
    context.sequelize.query(`ALTER TABLE jobs ADD COLUMN rank double precision`),
  down: ({ context }: { context: QueryInterface }) => context.sequelize.query(`ALTER TABLE jobs DROP COLUMN rank`),
}
