import type { QueryInterface } from 'sequelize'

/** Photos of dies and plates too; each photo is of one thing. */
export const photosOfThings = {
  name: '0015-photos-of-things',
  async up({ context }: { context: QueryInterface }): Promise<void> {
    await context.sequelize.query(
      `ALTER TABLE run_photos RENAME TO photos;
       ALTER INDEX run_photos_by_run RENAME TO photos_by_run;
       ALTER TABLE photos
         ALTER COLUMN run_id DROP NOT NULL,
         ADD COLUMN die_id uuid CONSTRAINT photos_die REFERENCES dies ON DELETE CASCADE,
         ADD COLUMN plate_id uuid CONSTRAINT photos_plate REFERENCES plates ON DELETE CASCADE,
         ADD CONSTRAINT photos_of_one CHECK (num_nonnulls(run_id, die_id, plate_id) = 1);
       CREATE INDEX photos_by_die ON photos (die_id);
       CREATE INDEX photos_by_plate ON photos (plate_id)`,
    )
  },
  async down({ context }: { context: QueryInterface }): Promise<void> {
    await context.sequelize.query(
      `DELETE FROM photos WHERE run_id IS NULL;
       ALTER TABLE photos DROP COLUMN die_id, DROP COLUMN plate_id, ALTER COLUMN run_id SET NOT NULL;
       ALTER INDEX photos_by_run RENAME TO run_photos_by_run;
       ALTER TABLE photos RENAME TO run_photos`,
    )
  },
}
