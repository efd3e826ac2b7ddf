import type { QueryInterface } from 'sequelize'

/** A die may lie over another, and a shape be glued up of what one cuts. */
export const diesOfDies = {
  name: '0034-dies-of-dies',
  async up({ context }: { context: QueryInterface }): Promise<void> {
    await context.sequelize.query('ALTER TABLE dies ADD COLUMN over_die_id uuid, ADD COLUMN made_of jsonb')
  },
  async down({ context }: { context: QueryInterface }): Promise<void> {
    await context.sequelize.query('ALTER TABLE dies DROP COLUMN over_die_id, DROP COLUMN made_of')
  },
}
