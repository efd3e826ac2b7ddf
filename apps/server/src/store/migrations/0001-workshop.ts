import type { QueryInterface } from 'sequelize'

const oneOf = (column: string, values: readonly string[]): string =>
  `CHECK (${column} IN (${values.map((value) => `'${value}'`).join(', ')}))`

const row = `
  id uuid PRIMARY KEY,
  version integer NOT NULL CHECK (version >= 1),
  created_at timestamptz NOT NULL,
  updated_at timestamptz NOT NULL,
  deleted_at timestamptz`

const shelfRow = `${row},
  retired_at timestamptz`

const name = `name text NOT NULL CHECK (char_length(name) BETWEEN 1 AND 120)`
const note = `note text NOT NULL DEFAULT '' CHECK (char_length(note) <= 2000)`
const size = (column: string): string => `${column} double precision NOT NULL CHECK (${column} BETWEEN 1 AND 5000)`
const thickness = (column: string): string =>
  `${column} double precision NOT NULL CHECK (${column} BETWEEN 0.01 AND 60)`
const caliper = (column: string): string => `${column} double precision NOT NULL CHECK (${column} BETWEEN 0.02 AND 20)`
const sheetCount = `sheet_count integer NOT NULL CHECK (sheet_count BETWEEN 1 AND 12)`
const bladeSide = `blade_side text NOT NULL ${oneOf('blade_side', ['down', 'up'])}`

const measuringWays = ['caliper', 'ruler', 'table']
const dieClasses = ['thin-outline', 'thin-lace', 'thin-border', 'small-cased', 'large-cased']
const faces = ['fresh', 'lined', 'scored']
const dieClass = `die_class text NOT NULL ${oneOf('die_class', dieClasses)}`

const layerIs = `layer_is text NOT NULL ${oneOf('layer_is', ['plate', 'dies', 'sheets'])}`

const plateKinds = [
  'platform',
  'spacer',
  'cutting-pad',
  'hard-plate',
  'soft-mat',
  'embossing-mat',
  'impression-pad',
  'shim',
  'press-block',
]
const sheetKinds = [
  'smooth-card',
  'textured-card',
  'foil-paper',
  'film',
  'vellum',
  'adhesive-sheet',
  'craft-foam',
  'board',
]

const statements = [
  `CREATE TABLE plates (${shelfRow},
  ${name},
  kind text NOT NULL ${oneOf('kind', plateKinds)},
  count integer NOT NULL CHECK (count BETWEEN 1 AND 10000),
  ${thickness('thickness_mm')},
  measured_by text NOT NULL ${oneOf('measured_by', measuringWays)},
  material text NOT NULL DEFAULT '' CHECK (char_length(material) <= 80),
  ${size('length_mm')},
  ${size('width_mm')},
  ${size('full_thickness_width_mm')},
  magnetic boolean NOT NULL DEFAULT false,
  face_a text NOT NULL ${oneOf('face_a', faces)},
  face_b text NOT NULL ${oneOf('face_b', faces)},
  ${note},
  CONSTRAINT plates_full_thickness_within_width CHECK (full_thickness_width_mm <= width_mm))`,

  `CREATE TABLE presses (${shelfRow},
  ${name},
  press_class text NOT NULL ${oneOf('press_class', ['small-hand', 'a4-hand', 'a4-motor', 'wide-hand'])},
  ${size('throat_mm')},
  ${note})`,

  `CREATE TABLE known_good_stacks (
  press_id uuid NOT NULL REFERENCES presses ON DELETE CASCADE,
  position integer NOT NULL CHECK (position >= 0),
  known_from text NOT NULL ${oneOf('known_from', ['booklet', 'own-use'])},
  ${dieClass},
  ${thickness('die_height_mm')},
  ${caliper('sheet_caliper_mm')},
  ${sheetCount},
  PRIMARY KEY (press_id, position))`,

  `CREATE TABLE known_good_plates (
  press_id uuid NOT NULL,
  stack_position integer NOT NULL,
  position integer NOT NULL CHECK (position >= 0),
  plate_id uuid NOT NULL CONSTRAINT known_good_plates_plate REFERENCES plates,
  PRIMARY KEY (press_id, stack_position, position),
  FOREIGN KEY (press_id, stack_position) REFERENCES known_good_stacks ON DELETE CASCADE)`,
  `CREATE INDEX known_good_plates_by_plate ON known_good_plates (plate_id)`,

  `CREATE TABLE dies (${shelfRow},
  ${name},
  ${dieClass},
  ${size('length_mm')},
  ${size('width_mm')},
  ${thickness('height_mm')},
  height_measured_by text NOT NULL ${oneOf('height_measured_by', measuringWays)},
  ${thickness('blade_height_mm')},
  fit_for_foam boolean NOT NULL DEFAULT false,
  ${note},
  CONSTRAINT dies_blade_within_height CHECK (blade_height_mm <= height_mm))`,

  `CREATE TABLE sheets (${shelfRow},
  ${name},
  kind text NOT NULL ${oneOf('kind', sheetKinds)},
  grammage double precision CHECK (grammage BETWEEN 10 AND 2000),
  weight_typed text NOT NULL DEFAULT '' CHECK (char_length(weight_typed) <= 80),
  ${caliper('caliper_mm')},
  caliper_by text NOT NULL ${oneOf('caliper_by', [...measuringWays, 'weight'])},
  ${size('length_mm')},
  ${size('width_mm')},
  stock integer NOT NULL CHECK (stock BETWEEN 0 AND 10000),
  colour text NOT NULL DEFAULT '' CHECK (char_length(colour) <= 80),
  ${note})`,

  `CREATE TABLE jobs (${row},
  ${name},
  state text NOT NULL ${oneOf('state', ['waiting', 'planned', 'cutting', 'done', 'set-aside'])},
  technique text NOT NULL ${oneOf('technique', ['full-cut'])},
  press_id uuid NOT NULL CONSTRAINT jobs_press REFERENCES presses,
  sheet_id uuid NOT NULL CONSTRAINT jobs_sheet REFERENCES sheets,
  ${sheetCount},
  ${bladeSide},
  wanted integer NOT NULL CHECK (wanted BETWEEN 1 AND 10000),
  ${note})`,
  `CREATE INDEX jobs_by_state ON jobs (state, updated_at DESC) WHERE deleted_at IS NULL`,
  `CREATE INDEX jobs_by_press ON jobs (press_id)`,
  `CREATE INDEX jobs_by_sheet ON jobs (sheet_id)`,

  `CREATE TABLE job_dies (
  job_id uuid NOT NULL REFERENCES jobs ON DELETE CASCADE,
  position integer NOT NULL CHECK (position >= 0),
  die_id uuid NOT NULL CONSTRAINT job_dies_die REFERENCES dies,
  PRIMARY KEY (job_id, position))`,
  `CREATE INDEX job_dies_by_die ON job_dies (die_id)`,

  `CREATE TABLE job_layers (
  job_id uuid NOT NULL REFERENCES jobs ON DELETE CASCADE,
  position integer NOT NULL CHECK (position >= 0),
  ${layerIs},
  plate_id uuid CONSTRAINT job_layers_plate REFERENCES plates,
  PRIMARY KEY (job_id, position),
  CHECK ((layer_is = 'plate') = (plate_id IS NOT NULL)))`,
  `CREATE INDEX job_layers_by_plate ON job_layers (plate_id)`,

  `CREATE TABLE runs (${row},
  job_id uuid NOT NULL CONSTRAINT runs_job REFERENCES jobs,
  press_id uuid NOT NULL CONSTRAINT runs_press REFERENCES presses,
  sheet_id uuid NOT NULL CONSTRAINT runs_sheet REFERENCES sheets,
  ${sheetCount},
  ${bladeSide},
  at timestamptz NOT NULL,
  squeeze_mm double precision NOT NULL CHECK (squeeze_mm BETWEEN -100 AND 100),
  pieces integer NOT NULL CHECK (pieces BETWEEN 0 AND 10000),
  ${note})`,
  `CREATE INDEX runs_by_time ON runs (at DESC) WHERE deleted_at IS NULL`,
  `CREATE INDEX runs_by_job ON runs (job_id)`,
  `CREATE INDEX runs_by_press ON runs (press_id, at DESC)`,
  `CREATE INDEX runs_by_sheet ON runs (sheet_id)`,

  `CREATE TABLE run_dies (
  run_id uuid NOT NULL REFERENCES runs ON DELETE CASCADE,
  position integer NOT NULL CHECK (position >= 0),
  die_id uuid NOT NULL CONSTRAINT run_dies_die REFERENCES dies,
  PRIMARY KEY (run_id, position))`,
  `CREATE INDEX run_dies_by_die ON run_dies (die_id)`,

  `CREATE TABLE run_layers (
  run_id uuid NOT NULL REFERENCES runs ON DELETE CASCADE,
  position integer NOT NULL CHECK (position >= 0),
  ${layerIs},
  plate_id uuid CONSTRAINT run_layers_plate REFERENCES plates ON DELETE SET NULL,
  ${name},
  thickness_mm double precision NOT NULL CHECK (thickness_mm BETWEEN 0 AND 120),
  PRIMARY KEY (run_id, position),
  CHECK (layer_is = 'plate' OR plate_id IS NULL))`,
  `CREATE INDEX run_layers_by_plate ON run_layers (plate_id)`,

  `CREATE TABLE run_rounds (
  run_id uuid NOT NULL REFERENCES runs ON DELETE CASCADE,
  position integer NOT NULL CHECK (position >= 0),
  passes integer NOT NULL CHECK (passes BETWEEN 1 AND 20),
  seen text NOT NULL ${oneOf('seen', ['untouched', 'dented', 'hanging', 'clean', 'cut-into-pad'])},
  hanging_share double precision CHECK (hanging_share BETWEEN 0 AND 1),
  hanging_place text ${oneOf('hanging_place', ['ends', 'middle', 'one-side', 'one-spot', 'all-over'])},
  feel text NOT NULL ${oneOf('feel', ['free', 'light', 'firm', 'hard', 'stopped'])},
  PRIMARY KEY (run_id, position),
  CONSTRAINT run_rounds_hanging CHECK (seen = 'hanging' OR (hanging_share IS NULL AND hanging_place IS NULL)))`,

  `CREATE TABLE house_rules (
  id integer PRIMARY KEY CHECK (id = 1),
  version integer NOT NULL CHECK (version >= 1),
  updated_at timestamptz NOT NULL,
  ${bladeSide},
  passes text NOT NULL ${oneOf('passes', ['as-predicted', 'there-and-back', 'one-and-look'])},
  hard_plate_with_magnet text NOT NULL ${oneOf('hard_plate_with_magnet', ['never', 'allowed'])},
  hard_plate_under_outline text NOT NULL ${oneOf('hard_plate_under_outline', ['lace-only', 'allowed'])},
  units text NOT NULL ${oneOf('units', ['mm', 'in'])},
  fraction_denominator integer NOT NULL CHECK (fraction_denominator IN (16, 32)))`,
  `CREATE TABLE milestones (name text PRIMARY KEY, reached_at timestamptz NOT NULL)`,
  `INSERT INTO house_rules VALUES (1, 1, now(), 'down', 'as-predicted', 'never', 'lace-only', 'mm', 16)`,
]

const tables = [
  'milestones',
  'house_rules',
  'run_rounds',
  'run_layers',
  'run_dies',
  'runs',
  'job_layers',
  'job_dies',
  'jobs',
  'sheets',
  'dies',
  'known_good_plates',
  'known_good_stacks',
  'presses',
  'plates',
]

/** The tables of the workshop: shelf, jobs, log, house rules. Values allowed are spelt out, so that later code cannot change the past. */
export const workshopTables = {
  name: '0001-workshop',
  async up({ context }: { context: QueryInterface }): Promise<void> {
    await context.sequelize.transaction(async (transaction) => {
      for (const statement of statements) await context.sequelize.query(statement, { transaction })
    })
  },
  async down({ context }: { context: QueryInterface }): Promise<void> {
    for (const table of tables) await context.sequelize.query(`DROP TABLE IF EXISTS ${table}`)
  },
}
