import type { QueryInterface } from 'sequelize'

/** Cuts worth doing again, each with everything it needs in it, so that it stays true when the shelf changes. */
export const recipeTable = {
  name: '0004-recipes',
  async up({ context }: { context: QueryInterface }): Promise<void> {
    await context.sequelize.query(
      `CREATE TABLE recipes (
        id uuid PRIMARY KEY,
        version integer NOT NULL CHECK (version >= 1),
        created_at timestamptz NOT NULL,
        updated_at timestamptz NOT NULL,
        deleted_at timestamptz,
        name text NOT NULL CHECK (char_length(name) BETWEEN 1 AND 120),
        note text NOT NULL CHECK (char_length(note) <= 2000),
        run_id uuid CONSTRAINT recipes_run REFERENCES runs ON DELETE SET NULL,
        cut jsonb NOT NULL CHECK (jsonb_typeof(cut) = 'object'))`,
    )
  },
  async down({ context }: { context: QueryInterface }): Promise<void> {
    await context.sequelize.query(`DROP TABLE recipes`)
  },
}
