import type { QueryInterface } from 'sequelize'

/** With each press, its gaps that were felt out. */
export const feltGaps = {
  name: '0012-felt-gaps',
  up: ({ context }: { context: QueryInterface }) =>
    context.sequelize.query(`ALTER TABLE presses ADD COLUMN felt jsonb NOT NULL DEFAULT '[]'`),
  down: ({ context }: { context: QueryInterface }) => context.sequelize.query(`ALTER TABLE presses DROP COLUMN felt`),
}
