import type { QueryInterface } from 'sequelize'

/** Of a die it is known whether it is new, used or blunt. */
export const conditionOfDies = {
  name: '0023-condition-of-dies',
  async up({ context }: { context: QueryInterface }): Promise<void> {
    await context.sequelize.query(
      `ALTER TABLE dies ADD COLUMN condition text NOT NULL DEFAULT 'used' CHECK (condition IN ('new', 'used', 'blunt'))`,
    )
  },
  async down({ context }: { context: QueryInterface }): Promise<void> {
    await context.sequelize.query('ALTER TABLE dies DROP COLUMN condition')
  },
}
