import type { QueryInterface } from 'sequelize'

/** Dies say how many pieces one cut of one sheet gives, and how many of them are mirrored. */
export const piecesOfDies = {
  name: '0027-pieces-of-dies',
  async up({ context }: { context: QueryInterface }): Promise<void> {
    await context.sequelize.query(
      `ALTER TABLE dies
         ADD COLUMN pieces integer NOT NULL DEFAULT 1 CHECK (pieces >= 1),
         ADD COLUMN mirrored integer NOT NULL DEFAULT 0 CHECK (mirrored >= 0 AND mirrored < pieces)`,
    )
  },
  async down({ context }: { context: QueryInterface }): Promise<void> {
    await context.sequelize.query('ALTER TABLE dies DROP COLUMN pieces, DROP COLUMN mirrored')
  },
}
