import type { QueryInterface } from 'sequelize'

/** A guide that is kept for a die: where it hangs, and whether it is made. */
export const guides = {
  name: '0035-guides',
  async up({ context }: { context: QueryInterface }): Promise<void> {
    await context.sequelize.query('ALTER TABLE dies ADD COLUMN guide jsonb')
  },
  async down({ context }: { context: QueryInterface }): Promise<void> {
    await context.sequelize.query('ALTER TABLE dies DROP COLUMN guide')
  },
}
