import type { QueryInterface } from 'sequelize'

const statements = [
  `ALTER TABLE runs
  ADD COLUMN follows_run_id uuid CONSTRAINT runs_follows REFERENCES runs ON DELETE SET NULL,
  ADD COLUMN set_aside boolean NOT NULL DEFAULT false,
  ADD CONSTRAINT runs_not_after_itself CHECK (follows_run_id IS DISTINCT FROM id)`,
  `CREATE INDEX runs_by_follows ON runs (follows_run_id)`,

  `CREATE TABLE run_evidence (
  run_id uuid PRIMARY KEY REFERENCES runs ON DELETE CASCADE,
  made_from text NOT NULL CHECK (char_length(made_from) BETWEEN 1 AND 80),
  log double precision[] NOT NULL)`,

  `ALTER TABLE house_rules
  ADD COLUMN trial_start text NOT NULL DEFAULT 'from-loose' CHECK (trial_start IN ('from-loose', 'from-usual'))`,
]

const undoing = [
  `ALTER TABLE house_rules DROP COLUMN trial_start`,
  `DROP TABLE run_evidence`,
  `ALTER TABLE runs DROP COLUMN follows_run_id, DROP COLUMN set_aside`,
]

/** What learning from the log needs: runs that go on with the same sheets, evidence set aside, and what each run says. */
export const learningTables = {
  name: '0003-learning',
  async up({ context }: { context: QueryInterface }): Promise<void> {
    await context.sequelize.transaction(async (transaction) => {
      for (const statement of statements) await context.sequelize.query(statement, { transaction })
    })
  },
  async down({ context }: { context: QueryInterface }): Promise<void> {
    for (const statement of undoing) await context.sequelize.query(statement)
  },
}
