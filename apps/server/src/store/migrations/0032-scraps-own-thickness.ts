import type { QueryInterface } from 'sequelize'

/** A leftover may have a thickness of its own, mm. */
export const scrapsOwnThickness = {
  name: '0032-scraps-own-thickness',
  async up({ context }: { context: QueryInterface }): Promise<void> {
    await context.sequelize.query('ALTER TABLE offcuts ADD COLUMN caliper_mm double precision')
  },
  async down({ context }: { context: QueryInterface }): Promise<void> {
    await context.sequelize.query('ALTER TABLE offcuts DROP COLUMN caliper_mm')
  },
}
