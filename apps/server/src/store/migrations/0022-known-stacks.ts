import type { QueryInterface } from 'sequelize'

/** Of a stack that is known to do well it is told what it is for, in how many passes, which way the blades look and how the handle felt. */
export const knownStacks = {
  name: '0022-known-stacks',
  async up({ context }: { context: QueryInterface }): Promise<void> {
    await context.sequelize.query(
      `ALTER TABLE known_good_stacks
         ADD COLUMN technique text NOT NULL DEFAULT 'cut' CONSTRAINT known_good_stacks_technique REFERENCES techniques,
         ADD COLUMN passes integer CHECK (passes >= 1),
         ADD COLUMN blade_side text NOT NULL DEFAULT 'down' CHECK (blade_side IN ('down', 'up')),
         ADD COLUMN feel text CHECK (feel IN ('free', 'light', 'firm', 'hard'))`,
    )
  },
  async down({ context }: { context: QueryInterface }): Promise<void> {
    await context.sequelize.query(
      'ALTER TABLE known_good_stacks DROP COLUMN technique, DROP COLUMN passes, DROP COLUMN blade_side, DROP COLUMN feel',
    )
  },
}
