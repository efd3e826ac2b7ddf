import type { QueryInterface } from 'sequelize'

/**
 * A press's gap may be typed in, and felt out with bare plates first; what runs say counts from the gap itself, so that what was kept of them by
 * its class is worked out again.
 */
export const anyGap = {
  name: '0021-any-gap',
  async up({ context }: { context: QueryInterface }): Promise<void> {
    await context.sequelize.query(
      `ALTER TABLE presses ADD COLUMN gap jsonb;
       UPDATE presses SET felt = (SELECT jsonb_agg('{"leads": []}'::jsonb || each.felt ORDER BY each.at)
         FROM jsonb_array_elements(felt) WITH ORDINALITY AS each (felt, at)) WHERE felt <> '[]';
       DELETE FROM run_evidence;
       ALTER TABLE run_evidence ADD COLUMN first_row integer NOT NULL;
       UPDATE runs SET learnt_as = NULL`,
    )
  },
  async down({ context }: { context: QueryInterface }): Promise<void> {
    await context.sequelize.query(
      `ALTER TABLE presses DROP COLUMN gap;
       DELETE FROM run_evidence;
       ALTER TABLE run_evidence DROP COLUMN first_row;
       UPDATE runs SET learnt_as = NULL`,
    )
  },
}
