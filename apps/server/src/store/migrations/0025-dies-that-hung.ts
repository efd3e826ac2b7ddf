import type { QueryInterface } from 'sequelize'

/** Of dies side by side it is told which of them hung, where not all did. */
export const diesThatHung = {
  name: '0025-dies-that-hung',
  async up({ context }: { context: QueryInterface }): Promise<void> {
    await context.sequelize.query(
      `ALTER TABLE run_rounds ADD COLUMN hanging_die_ids jsonb CHECK (seen = 'hanging' OR hanging_die_ids IS NULL)`,
    )
  },
  async down({ context }: { context: QueryInterface }): Promise<void> {
    await context.sequelize.query('ALTER TABLE run_rounds DROP COLUMN hanging_die_ids')
  },
}
