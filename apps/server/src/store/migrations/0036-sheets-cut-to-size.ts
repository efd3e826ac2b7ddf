import type { QueryInterface } from 'sequelize'

/** Which of a sheet's sides a blank's length lies along, and how many whole ones fit there. */
const fits = (side: 'length_mm' | 'width_mm', of: 'lengthMm' | 'widthMm'): string =>
  `floor((${side} + 1e-6)::numeric / (run.cut_to_size->>'${of}')::numeric)`

/**
 * How many whole sheets a run takes beside what its job has pressed of such blanks already: blanks that are left of a sheet come first, unless
 * what was left of it was put among the leftovers.
 */
const SHEETS_OF_RUN = `
  CREATE FUNCTION sheets_of_run(run runs) RETURNS integer LANGUAGE sql STABLE AS $$
    WITH each AS (
      SELECT GREATEST(1, CASE run.cut_to_size->>'along'
        WHEN 'length' THEN ${fits('length_mm', 'lengthMm')} * ${fits('width_mm', 'widthMm')}
        ELSE ${fits('width_mm', 'lengthMm')} * ${fits('length_mm', 'widthMm')} END) AS blanks
      FROM sheets WHERE id = run.sheet_id
    ), alike AS (
      SELECT id, sheet_count, created_at FROM runs
      WHERE job_id = run.job_id AND id <> run.id AND deleted_at IS NULL
        AND sheet_id = run.sheet_id AND cut_to_size = run.cut_to_size
    ), before AS (
      SELECT COALESCE(SUM(sheet_count), 0) AS used FROM alike WHERE created_at > COALESCE(
        (SELECT MAX(alike.created_at) FROM alike JOIN offcuts ON from_run_id = alike.id AND offcuts.deleted_at IS NULL),
        '-infinity')
    )
    SELECT CASE WHEN run.cut_to_size IS NULL THEN run.sheet_count
      ELSE (ceil((used + run.sheet_count) / blanks) - ceil(used / blanks))::integer END
    FROM each, before
  $$;`

/** What differs of how a run takes from the stock, where its sheets may have been cut to size. */
interface Taking {
  readonly also: string
  readonly mayGive: string
  readonly gives: string
  readonly takes: string
}

const taking = ({ also, mayGive, gives, takes }: Taking): string => `
  CREATE OR REPLACE FUNCTION run_takes() RETURNS trigger LANGUAGE plpgsql AS $$
  DECLARE was_on boolean := TG_OP = 'UPDATE' AND OLD.deleted_at IS NULL;
          is_on boolean := NEW.deleted_at IS NULL;
          offcut uuid := (NEW.cut_from->>'offcutId')::uuid;
  BEGIN
    IF current_setting('heron.restoring', true) = 'on' THEN RETURN NEW; END IF;
    -- Of a row that is there already, an upsert calls this for the insert first, and then for the update.
    IF TG_OP = 'INSERT' AND EXISTS (SELECT FROM runs WHERE id = NEW.id) THEN RETURN NEW; END IF;
    IF TG_OP = 'UPDATE' AND was_on = is_on AND OLD.sheet_id = NEW.sheet_id AND OLD.sheet_count = NEW.sheet_count
      AND OLD.cut_from IS NOT DISTINCT FROM NEW.cut_from${also} THEN RETURN NEW; END IF;
    IF TG_OP = 'UPDATE' AND (OLD.stock_taken > 0${mayGive}) THEN
      UPDATE sheets SET stock = LEAST(10000, stock + ${gives}), version = version + 1, updated_at = now()
        WHERE id = OLD.sheet_id;
    END IF;
    IF was_on AND OLD.cut_from->>'offcutId' IS NOT NULL THEN
      UPDATE offcuts SET retired_at = NULL, version = version + 1, updated_at = now()
        WHERE id = (OLD.cut_from->>'offcutId')::uuid;
    END IF;
    NEW.stock_taken := 0;
    IF is_on AND offcut IS NULL THEN
      SELECT LEAST(stock, ${takes}) INTO NEW.stock_taken FROM sheets WHERE id = NEW.sheet_id FOR UPDATE;
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

const AS_BEFORE: Taking = { also: '', mayGive: '', gives: 'OLD.stock_taken', takes: 'NEW.sheet_count' }
const BY_BLANKS: Taking = {
  also: ' AND OLD.cut_to_size IS NOT DISTINCT FROM NEW.cut_to_size',
  mayGive: ' OR was_on AND OLD.cut_to_size IS NOT NULL AND OLD.cut_from IS NULL',
  gives: 'CASE WHEN OLD.cut_to_size IS NULL THEN OLD.stock_taken ELSE sheets_of_run(OLD) END',
  takes: 'sheets_of_run(NEW)',
}

/** A sheet may be cut to size before anything is pressed: a job takes no more of the stock than its blanks are cut from. */
export const sheetsCutToSize = {
  name: '0036-sheets-cut-to-size',
  async up({ context }: { context: QueryInterface }): Promise<void> {
    await context.sequelize.query(
      `ALTER TABLE job_runs ADD COLUMN cut_to_size jsonb; ALTER TABLE runs ADD COLUMN cut_to_size jsonb;
       ${SHEETS_OF_RUN} ${taking(BY_BLANKS)}`,
    )
  },
  async down({ context }: { context: QueryInterface }): Promise<void> {
    await context.sequelize.query(
      `${taking(AS_BEFORE)} DROP FUNCTION sheets_of_run(runs);
       ALTER TABLE job_runs DROP COLUMN cut_to_size; ALTER TABLE runs DROP COLUMN cut_to_size`,
    )
  },
}
