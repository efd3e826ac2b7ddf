import type { QueryInterface } from 'sequelize'

/** Photos of what runs came to, as small JPEGs without metadata. */
export const photoTable = {
  name: '0006-photos',
  async up({ context }: { context: QueryInterface }): Promise<void> {
    await context.sequelize.query(
      `CREATE TABLE run_photos (
        id uuid PRIMARY KEY,
        run_id uuid NOT NULL CONSTRAINT run_photos_run REFERENCES runs ON DELETE CASCADE,
        created_at timestamptz NOT NULL,
        deleted_at timestamptz,
        width integer NOT NULL CHECK (width BETWEEN 1 AND 4000),
        height integer NOT NULL CHECK (height BETWEEN 1 AND 4000),
        jpeg bytea NOT NULL CHECK (octet_length(jpeg) BETWEEN 1 AND 4000000))`,
    )
    await context.sequelize.query(`CREATE INDEX run_photos_by_run ON run_photos (run_id)`)
  },
  async down({ context }: { context: QueryInterface }): Promise<void> {
    await context.sequelize.query(`DROP TABLE run_photos`)
  },
}
