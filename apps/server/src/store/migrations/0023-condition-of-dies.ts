import type { QueryInterface } from 'sequelize'

/** Of a die it is known whether it is new, used or blunt; of a folder, which end goes in first. */
export const conditionOfDies = {
  name: '0023-condition-of-dies',
  async up({ context }: { context: QueryInterface }): Promise<void> {
    await context.sequelize.query(
      `ALTER TABLE dies
         ADD COLUMN condition text NOT NULL DEFAULT 'used' CHECK (condition IN ('new', 'used', 'blunt')),
         ADD COLUMN feed_end text NOT NULL DEFAULT 'usual' CHECK (feed_end IN ('usual', 'hinge', 'open-edge', 'mark'))`,
    )
  },
  async down({ context }: { context: QueryInterface }): Promise<void> {
    await context.sequelize.query('ALTER TABLE dies DROP COLUMN condition, DROP COLUMN feed_end')
  },
}
