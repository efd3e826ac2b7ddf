import type { QueryInterface } from 'sequelize'

/** Who is at which runs of an evening, for so long as that holds; and by whom a run was logged. */
export const whoIsAtWhat = {
  name: '0037-who-is-at-what',
  async up({ context }: { context: QueryInterface }): Promise<void> {
    await context.sequelize.query(
      `CREATE TABLE batch_claims (
         evening_id uuid NOT NULL REFERENCES evenings ON DELETE CASCADE,
         batch_id text NOT NULL,
         press_id uuid NOT NULL REFERENCES presses ON DELETE CASCADE,
         holder uuid NOT NULL,
         name text NOT NULL,
         plate_ids jsonb NOT NULL,
         until timestamptz NOT NULL,
         PRIMARY KEY (evening_id, batch_id));
       CREATE INDEX batch_claims_by_press ON batch_claims (press_id);
       ALTER TABLE runs ADD COLUMN by_whom text NOT NULL DEFAULT ''`,
    )
  },
  async down({ context }: { context: QueryInterface }): Promise<void> {
    await context.sequelize.query('ALTER TABLE runs DROP COLUMN by_whom; DROP TABLE batch_claims')
  },
}
