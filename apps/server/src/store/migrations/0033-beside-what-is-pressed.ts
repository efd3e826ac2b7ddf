import type { QueryInterface } from 'sequelize'

/** What a press run has beside what is pressed: waxed paper on the card, and a tray for what falls out of openings. */
export const besideWhatIsPressed = {
  name: '0033-beside-what-is-pressed',
  async up({ context }: { context: QueryInterface }): Promise<void> {
    const columns = 'ADD COLUMN waxed_paper jsonb, ADD COLUMN keeps_counters boolean NOT NULL DEFAULT false'
    await context.sequelize.query(`ALTER TABLE job_runs ${columns}; ALTER TABLE runs ${columns}`)
  },
  async down({ context }: { context: QueryInterface }): Promise<void> {
    const columns = 'DROP COLUMN waxed_paper, DROP COLUMN keeps_counters'
    await context.sequelize.query(`ALTER TABLE job_runs ${columns}; ALTER TABLE runs ${columns}`)
  },
}
