import type { QueryInterface } from 'sequelize'

/** With each run, the versions of everything that was read when it was last learnt from, so that what is the same is not read again. */
export const learntAsColumn = {
  name: '0010-learnt-as',
  up: ({ context }: { context: QueryInterface }) =>
    context.sequelize.query(`ALTER TABLE runs ADD COLUMN learnt_as text`),
  down: ({ context }: { context: QueryInterface }) => context.sequelize.query(`ALTER TABLE runs DROP COLUMN learnt_as`),
}
