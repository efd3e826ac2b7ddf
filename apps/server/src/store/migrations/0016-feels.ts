import type { QueryInterface } from 'sequelize'

/** How a handle may have felt becomes a vocabulary too: what is pressed into mats is felt more finely. */
export const feels = {
  name: '0016-feels',
  async up({ context }: { context: QueryInterface }): Promise<void> {
    await context.sequelize.query(
      `CREATE TABLE feels (id text PRIMARY KEY CHECK (char_length(id) BETWEEN 1 AND 60));
       INSERT INTO feels VALUES ('free'), ('light'), ('firm'), ('hard'), ('stopped');
       ALTER TABLE run_rounds DROP CONSTRAINT run_rounds_feel_check,
         ADD CONSTRAINT run_rounds_feel_word FOREIGN KEY (feel) REFERENCES feels`,
    )
  },
  async down({ context }: { context: QueryInterface }): Promise<void> {
    await context.sequelize.query(
      // What older words cannot say goes: other techniques, and what only they use.
      `DELETE FROM runs WHERE technique <> 'cut';
       DELETE FROM jobs WHERE id IN (SELECT job_id FROM job_runs WHERE technique <> 'cut');
       DELETE FROM dies WHERE die_class IN ('flat-folder', 'deep-folder', 'cutting-folder', 'shape');
       DELETE FROM plates WHERE kind IN ('heated-plate', 'foil');
       ALTER TABLE run_rounds DROP CONSTRAINT run_rounds_feel_word,
         ADD CONSTRAINT run_rounds_feel_check CHECK (feel IN ('free', 'light', 'firm', 'hard', 'stopped'));
       DROP TABLE feels`,
    )
  },
}
