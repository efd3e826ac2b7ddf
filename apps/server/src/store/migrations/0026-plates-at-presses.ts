import type { QueryInterface } from 'sequelize'

/** A plate lies at one press, or is for all of them. */
export const platesAtPresses = {
  name: '0026-plates-at-presses',
  async up({ context }: { context: QueryInterface }): Promise<void> {
    await context.sequelize.query('ALTER TABLE plates ADD COLUMN press_id uuid')
  },
  async down({ context }: { context: QueryInterface }): Promise<void> {
    await context.sequelize.query('ALTER TABLE plates DROP COLUMN press_id')
  },
}
