import type { QueryInterface } from 'sequelize'

/** Dies say how many of them there are. */
export const ownedDies = {
  name: '0028-owned-dies',
  async up({ context }: { context: QueryInterface }): Promise<void> {
    await context.sequelize.query('ALTER TABLE dies ADD COLUMN owned integer NOT NULL DEFAULT 1 CHECK (owned >= 1)')
  },
  async down({ context }: { context: QueryInterface }): Promise<void> {
    await context.sequelize.query('ALTER TABLE dies DROP COLUMN owned')
  },
}
