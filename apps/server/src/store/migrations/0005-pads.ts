import type { QueryInterface } from 'sequelize'

/** How the pads of a run lay, and which pad is kept for work with the hard plate. */
export const padColumns = {
  name: '0005-pads',
  async up({ context }: { context: QueryInterface }): Promise<void> {
    await context.sequelize.query(
      `ALTER TABLE plates ADD COLUMN reserved_for_steel boolean NOT NULL DEFAULT false
         CONSTRAINT plates_reserved_pad CHECK (NOT reserved_for_steel OR kind = 'cutting-pad')`,
    )
    await context.sequelize.query(
      `ALTER TABLE run_layers
         ADD COLUMN face text CHECK (face IN ('a', 'b')),
         ADD COLUMN turned boolean,
         ADD CONSTRAINT run_layers_lie CHECK ((face IS NULL) = (turned IS NULL))`,
    )
  },
  async down({ context }: { context: QueryInterface }): Promise<void> {
    await context.sequelize.query(`ALTER TABLE run_layers DROP COLUMN face, DROP COLUMN turned`)
    await context.sequelize.query(`ALTER TABLE plates DROP COLUMN reserved_for_steel`)
  },
}
