import type { QueryInterface } from 'sequelize'

/** What a sheet gives of the blanks that it is cut up into; 1 where it goes in as it is, or is smaller than a blank. */
const side = (name: string): string => `(NEW.cut_to_size->>'${name}')::numeric`
const BLANKS = `GREATEST(1, COALESCE(CASE NEW.cut_to_size->>'along'
        WHEN 'length' THEN FLOOR((length_mm + 1e-6)::numeric / ${side('lengthMm')}) * FLOOR((width_mm + 1e-6)::numeric / ${side('widthMm')})
        ELSE FLOOR((width_mm + 1e-6)::numeric / ${side('lengthMm')}) * FLOOR((length_mm + 1e-6)::numeric / ${side('widthMm')}) END, 1))`

/** As it was, but for what a run whose sheets were cut to size takes: as few whole sheets as give its blanks. */
const TAKING = (blanks: string, isSame: string): string => `
  CREATE OR REPLACE FUNCTION run_takes() RETURNS trigger LANGUAGE plpgsql AS $$
  DECLARE was_on boolean := TG_OP = 'UPDATE' AND OLD.deleted_at IS NULL;
          is_on boolean := NEW.deleted_at IS NULL;
          offcut uuid := (NEW.cut_from->>'offcutId')::uuid;
  BEGIN
    IF current_setting('heron.restoring', true) = 'on' THEN RETURN NEW; END IF;
    -- Of a row that is there already, an upsert calls this for the insert first, and then for the update.
    IF TG_OP = 'INSERT' AND EXISTS (SELECT FROM runs WHERE id = NEW.id) THEN RETURN NEW; END IF;
    IF TG_OP = 'UPDATE' AND was_on = is_on AND OLD.sheet_id = NEW.sheet_id AND OLD.sheet_count = NEW.sheet_count
      AND OLD.cut_from IS NOT DISTINCT FROM NEW.cut_from${isSame} THEN RETURN NEW; END IF;
    IF TG_OP = 'UPDATE' AND OLD.stock_taken > 0 THEN
      UPDATE sheets SET stock = LEAST(10000, stock + OLD.stock_taken), version = version + 1, updated_at = now()
        WHERE id = OLD.sheet_id;
    END IF;
    IF was_on AND OLD.cut_from->>'offcutId' IS NOT NULL THEN
      UPDATE offcuts SET retired_at = NULL, version = version + 1, updated_at = now()
        WHERE id = (OLD.cut_from->>'offcutId')::uuid;
    END IF;
    NEW.stock_taken := 0;
    IF is_on AND offcut IS NULL THEN
      SELECT LEAST(stock, CEIL(NEW.sheet_count::numeric / ${blanks})) INTO NEW.stock_taken
        FROM sheets WHERE id = NEW.sheet_id FOR UPDATE;
      IF NEW.stock_taken > 0 THEN
        UPDATE sheets SET stock = stock - NEW.stock_taken, version = version + 1, updated_at = now()
          WHERE id = NEW.sheet_id;
      END IF;
    ELSIF is_on THEN
      UPDATE offcuts SET retired_at = now(), version = version + 1, updated_at = now() WHERE id = offcut;
    END IF;
    IF TG_OP = 'UPDATE' AND was_on <> is_on THEN
      UPDATE offcuts SET deleted_at = NEW.deleted_at, version = version + 1, updated_at = now()
        WHERE from_run_id = NEW.id;
    END IF;
    RETURN NEW;
  END $$;`

/** A sheet may be cut to size before anything is pressed: a run takes no more of the stock than its blanks are cut from. */
export const sheetsCutToSize = {
  name: '0036-sheets-cut-to-size',
  async up({ context }: { context: QueryInterface }): Promise<void> {
    await context.sequelize.query(
      `ALTER TABLE job_runs ADD COLUMN cut_to_size jsonb; ALTER TABLE runs ADD COLUMN cut_to_size jsonb;
       ${TAKING(BLANKS, ' AND OLD.cut_to_size IS NOT DISTINCT FROM NEW.cut_to_size')}`,
    )
  },
  async down({ context }: { context: QueryInterface }): Promise<void> {
    await context.sequelize.query(
      `${TAKING('1', '')} ALTER TABLE job_runs DROP COLUMN cut_to_size; ALTER TABLE runs DROP COLUMN cut_to_size`,
    )
  },
}
