import type { QueryInterface } from 'sequelize'

/** Of a round that hung it is kept which stretches did, where that was pointed out on the outline; and of any, what was tried in it. */
export const whereItHung = {
  name: '0029-where-it-hung',
  async up({ context }: { context: QueryInterface }): Promise<void> {
    await context.sequelize.query(
      `ALTER TABLE run_rounds ADD COLUMN hanging_at jsonb CHECK (seen = 'hanging' OR hanging_at IS NULL),
       ADD COLUMN pointed_out integer,
       ADD COLUMN remedy text`,
    )
  },
  async down({ context }: { context: QueryInterface }): Promise<void> {
    await context.sequelize.query(
      'ALTER TABLE run_rounds DROP COLUMN hanging_at, DROP COLUMN pointed_out, DROP COLUMN remedy',
    )
  },
}
