import type { QueryInterface } from 'sequelize'

/** With each logged run, whether what was pressed into a mat was raised or sunk; until now only its job's run said so. */
export const runShows = {
  name: '0018-run-shows',
  up: ({ context }: { context: QueryInterface }) =>
    context.sequelize.query(
      `ALTER TABLE runs ADD COLUMN shows text NOT NULL DEFAULT 'raised' CHECK (shows IN ('raised', 'sunk'));
       UPDATE runs SET shows = job_runs.shows FROM job_runs
         WHERE job_runs.job_id = runs.job_id AND job_runs.run_name = runs.press_run_id`,
    ),
  down: ({ context }: { context: QueryInterface }) => context.sequelize.query(`ALTER TABLE runs DROP COLUMN shows`),
}
