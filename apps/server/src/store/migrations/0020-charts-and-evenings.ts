import type { QueryInterface } from 'sequelize'

const rowColumns = `
  id uuid PRIMARY KEY, version integer NOT NULL,
  created_at timestamptz NOT NULL, updated_at timestamptz NOT NULL, deleted_at timestamptz,
  name text NOT NULL CHECK (char_length(name) BETWEEN 1 AND 120), note text NOT NULL DEFAULT ''`

/**
 * Wall charts and evenings, as they were asked for; what was worked out for them under a name for all that it depends on; and what presses
 * answered on beds, so that a change computes only what it touches. A run may give pieces to other jobs too.
 */
export const chartsAndEvenings = {
  name: '0020-charts-and-evenings',
  async up({ context }: { context: QueryInterface }): Promise<void> {
    await context.sequelize.query(
      `CREATE TABLE charts (${rowColumns},
         press_id uuid NOT NULL CONSTRAINT charts_press REFERENCES presses,
         technique text NOT NULL CONSTRAINT charts_technique REFERENCES techniques,
         "rows" jsonb NOT NULL, "columns" jsonb NOT NULL,
         per_base double precision NOT NULL CHECK (per_base > 0),
         printed jsonb);
       CREATE TABLE evenings (${rowColumns},
         begins_at timestamptz, presses jsonb NOT NULL, people jsonb NOT NULL, jobs jsonb NOT NULL,
         gap_mm double precision NOT NULL CHECK (gap_mm >= 0),
         change_worth_min double precision NOT NULL CHECK (change_worth_min >= 0), pins jsonb NOT NULL);
       CREATE TABLE worked_out (
         name text PRIMARY KEY, made jsonb NOT NULL, at timestamptz NOT NULL DEFAULT now());
       CREATE TABLE kept_answers (
         name text PRIMARY KEY, press text NOT NULL, answers jsonb NOT NULL, at timestamptz NOT NULL DEFAULT now());
       CREATE INDEX kept_answers_by_press ON kept_answers (press);
       CREATE TABLE run_also (
         run_id uuid NOT NULL CONSTRAINT run_also_run REFERENCES runs ON DELETE CASCADE,
         position integer NOT NULL,
         job_id uuid NOT NULL CONSTRAINT run_also_job REFERENCES jobs,
         pieces integer NOT NULL CHECK (pieces >= 0), spoilt integer NOT NULL CHECK (spoilt >= 0),
         PRIMARY KEY (run_id, position));
       CREATE INDEX run_also_by_job ON run_also (job_id)`,
    )
  },
  async down({ context }: { context: QueryInterface }): Promise<void> {
    await context.sequelize.query('DROP TABLE run_also, kept_answers, worked_out, evenings, charts')
  },
}
