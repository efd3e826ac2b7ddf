import type { QueryInterface } from 'sequelize'

const STACKS = ['job_layers', 'run_layers', 'known_good_plates']

/** Platforms have leaves hinged to them; a stack says of a platform which of them are closed. */
export const leaves = {
  name: '0024-leaves',
  async up({ context }: { context: QueryInterface }): Promise<void> {
    await context.sequelize.query(
      `ALTER TABLE plates ADD COLUMN leaves jsonb NOT NULL DEFAULT '[]',
         ADD CONSTRAINT plates_leaves_on_platform CHECK (leaves = '[]' OR kind = 'platform')`,
    )
    for (const table of STACKS)
      await context.sequelize.query(
        `ALTER TABLE ${table} ADD COLUMN leaves text NOT NULL DEFAULT '' CHECK (leaves ~ '^(/leaves-[1-9]{1,2})?$')`,
      )
  },
  async down({ context }: { context: QueryInterface }): Promise<void> {
    for (const table of ['plates', ...STACKS]) await context.sequelize.query(`ALTER TABLE ${table} DROP COLUMN leaves`)
  },
}
