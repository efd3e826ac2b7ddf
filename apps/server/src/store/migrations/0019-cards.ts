import type { QueryInterface } from 'sequelize'

/**
 * Leftovers and builds, borders laid many times, sheets that are more than one. What a run takes from the stock or of a leftover is taken
 * and given back by the database itself, so that it holds whichever way a run comes, goes and comes back. A workshop that is read from a
 * file says `heron.restoring = 'on'`: what its runs took is taken already.
 */
const TAKING = `
  CREATE FUNCTION run_takes() RETURNS trigger LANGUAGE plpgsql AS $$
  DECLARE was_on boolean := TG_OP = 'UPDATE' AND OLD.deleted_at IS NULL;
          is_on boolean := NEW.deleted_at IS NULL;
          offcut uuid := (NEW.cut_from->>'offcutId')::uuid;
  BEGIN
    IF current_setting('heron.restoring', true) = 'on' THEN RETURN NEW; END IF;
    -- Of a row that is there already, an upsert calls this for the insert first, and then for the update.
    IF TG_OP = 'INSERT' AND EXISTS (SELECT FROM runs WHERE id = NEW.id) THEN RETURN NEW; END IF;
    IF TG_OP = 'UPDATE' AND was_on = is_on AND OLD.sheet_id = NEW.sheet_id AND OLD.sheet_count = NEW.sheet_count
      AND OLD.cut_from IS NOT DISTINCT FROM NEW.cut_from THEN RETURN NEW; END IF;
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
      SELECT LEAST(stock, NEW.sheet_count) INTO NEW.stock_taken FROM sheets WHERE id = NEW.sheet_id FOR UPDATE;
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
  END $$;
  CREATE TRIGGER run_takes BEFORE INSERT OR UPDATE ON runs FOR EACH ROW EXECUTE FUNCTION run_takes()`

const rowColumns = `
  id uuid PRIMARY KEY, version integer NOT NULL,
  created_at timestamptz NOT NULL, updated_at timestamptz NOT NULL, deleted_at timestamptz`

export const cards = {
  name: '0019-cards',
  async up({ context }: { context: QueryInterface }): Promise<void> {
    await context.sequelize.query(
      `ALTER TABLE sheets
         ADD COLUMN grain text NOT NULL DEFAULT 'unknown' CHECK (grain IN ('unknown', 'along-length', 'along-width')),
         ADD COLUMN patterned boolean NOT NULL DEFAULT false,
         ADD COLUMN parts jsonb NOT NULL DEFAULT '[]';
       ALTER TABLE job_runs ADD COLUMN border jsonb, ADD COLUMN cut_from jsonb;
       ALTER TABLE runs ADD COLUMN joins jsonb, ADD COLUMN cut_from jsonb,
         ADD COLUMN stock_taken integer NOT NULL DEFAULT 0 CHECK (stock_taken >= 0);
       CREATE TABLE offcuts (${rowColumns}, retired_at timestamptz,
         name text NOT NULL CHECK (char_length(name) BETWEEN 1 AND 120),
         sheet_id uuid NOT NULL CONSTRAINT offcuts_sheet REFERENCES sheets,
         loops jsonb NOT NULL, area_mm2 double precision NOT NULL CHECK (area_mm2 > 0),
         source text NOT NULL CHECK (source IN ('typed', 'traced', 'left-over')),
         from_run_id uuid CONSTRAINT offcuts_run REFERENCES runs ON DELETE SET NULL,
         note text NOT NULL DEFAULT '');
       CREATE INDEX offcuts_by_sheet ON offcuts (sheet_id);
       CREATE INDEX offcuts_by_run ON offcuts (from_run_id);
       CREATE TABLE builds (${rowColumns},
         name text NOT NULL CHECK (char_length(name) BETWEEN 1 AND 120),
         wanted integer NOT NULL CHECK (wanted BETWEEN 1 AND 10000),
         base text NOT NULL, front_width_mm double precision NOT NULL, front_height_mm double precision NOT NULL,
         most_high_mm double precision, layers jsonb NOT NULL, note text NOT NULL DEFAULT '');
       ${TAKING}`,
    )
  },
  async down({ context }: { context: QueryInterface }): Promise<void> {
    await context.sequelize.query(
      `DROP TRIGGER run_takes ON runs;
       DROP FUNCTION run_takes;
       DROP TABLE builds;
       DROP TABLE offcuts;
       ALTER TABLE runs DROP COLUMN joins, DROP COLUMN cut_from, DROP COLUMN stock_taken;
       ALTER TABLE job_runs DROP COLUMN border, DROP COLUMN cut_from;
       ALTER TABLE sheets DROP COLUMN grain, DROP COLUMN patterned, DROP COLUMN parts`,
    )
  },
}
