import type { QueryInterface } from 'sequelize'

/** How low a press is in its middle, mm, where that is known. */
export const lowMiddles = {
  name: '0031-low-middles',
  async up({ context }: { context: QueryInterface }): Promise<void> {
    await context.sequelize.query('ALTER TABLE presses ADD COLUMN low_middle_mm double precision')
  },
  async down({ context }: { context: QueryInterface }): Promise<void> {
    await context.sequelize.query('ALTER TABLE presses DROP COLUMN low_middle_mm')
  },
}
