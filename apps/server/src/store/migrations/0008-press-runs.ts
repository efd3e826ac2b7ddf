import { type QueryInterface, QueryTypes, type Transaction } from 'sequelize'

const REGION_OF_WAY = `CASE run->>'way' WHEN 'edge' THEN 'to-line' WHEN 'block' THEN 'under-block' ELSE 'all' END`
const WAY_OF_REGION = `CASE run->>'region' WHEN 'to-line' THEN 'edge' WHEN 'under-block' THEN 'block' ELSE 'whole' END`
const HAS_PLACEMENT = `jsonb_typeof(placement) = 'object'`
const runsOf = (placement: string) => `jsonb_array_elements(${placement}->'runs') WITH ORDINALITY AS each(run, at)`

/**
 * The role of each plate by where it stands, as nobody had noted it: the layer the blade lands on is the bed, the nearest pad or mat
 * behind the die the pad, all else goes by its kind. `layers` gives id, position, layer_is, kind and blade_side.
 */
const rolesOf = (layers: string) => `
  WITH layer AS (${layers}),
  die AS (SELECT id, min(position) AS position FROM layer WHERE layer_is = 'dies' GROUP BY id),
  bed AS (
    SELECT layer.id, CASE layer.blade_side
        WHEN 'down' THEN max(layer.position) FILTER (WHERE layer.position < die.position)
        ELSE min(layer.position) FILTER (WHERE layer.position > die.position) END AS position
    FROM layer JOIN die USING (id) WHERE layer.layer_is <> 'sheets' GROUP BY layer.id, layer.blade_side),
  pad AS (
    SELECT layer.id, CASE layer.blade_side
        WHEN 'down' THEN min(layer.position) FILTER (WHERE layer.position > die.position)
        ELSE max(layer.position) FILTER (WHERE layer.position < die.position) END AS position
    FROM layer JOIN die USING (id)
    WHERE layer.layer_is = 'plate' AND coalesce(layer.kind, '') NOT IN ('platform', 'spacer', 'shim', 'press-block')
    GROUP BY layer.id, layer.blade_side)
  SELECT layer.id, layer.position, CASE
      WHEN bed.position = layer.position THEN 'bed'
      WHEN pad.position = layer.position THEN 'pad'
      WHEN layer.kind IN ('platform', 'shim') THEN layer.kind
      WHEN layer.kind = 'press-block' THEN 'block'
      ELSE 'spacer' END AS role
  FROM layer LEFT JOIN bed USING (id) LEFT JOIN pad USING (id) WHERE layer.layer_is = 'plate'`

const ROLES = `role IN ('platform', 'spacer', 'shim', 'bed', 'pad', 'block')`

const up = [
  `CREATE TABLE job_runs (
  job_id uuid NOT NULL REFERENCES jobs ON DELETE CASCADE,
  position integer NOT NULL CHECK (position >= 0),
  run_name text NOT NULL CHECK (char_length(run_name) BETWEEN 1 AND 60),
  name text NOT NULL CHECK (char_length(name) <= 120),
  technique text NOT NULL CHECK (technique IN ('cut')),
  region text NOT NULL CHECK (region IN ('all', 'to-line', 'under-block')),
  press_id uuid CONSTRAINT job_runs_press REFERENCES presses,
  sheet_id uuid NOT NULL CONSTRAINT job_runs_sheet REFERENCES sheets,
  sheet_count integer NOT NULL CHECK (sheet_count BETWEEN 1 AND 12),
  blade_side text NOT NULL CHECK (blade_side IN ('down', 'up')),
  finishes boolean NOT NULL,
  placed jsonb,
  PRIMARY KEY (job_id, position),
  CONSTRAINT job_runs_named_once UNIQUE (job_id, run_name))`,
  `CREATE INDEX job_runs_by_press ON job_runs (press_id)`,
  `CREATE INDEX job_runs_by_sheet ON job_runs (sheet_id)`,
  `ALTER TABLE jobs ADD COLUMN card jsonb, ADD COLUMN run_in_hand integer NOT NULL DEFAULT 0 CHECK (run_in_hand >= 0)`,

  `INSERT INTO job_runs (job_id, position, run_name, name, technique, region, sheet_id, sheet_count, blade_side, finishes, placed)
   SELECT jobs.id, at - 1, run->>'id', run->>'name', 'cut', ${REGION_OF_WAY}, sheet_id, sheet_count, blade_side,
     at = jsonb_array_length(placement->'runs'), run - 'id' - 'name' - 'way'
   FROM jobs, ${runsOf('placement')} WHERE ${HAS_PLACEMENT}`,
  `INSERT INTO job_runs (job_id, position, run_name, name, technique, region, sheet_id, sheet_count, blade_side, finishes)
   SELECT id, 0, 'run 1', '', 'cut',
     CASE technique WHEN 'edge-partial' THEN 'to-line' WHEN 'block-partial' THEN 'under-block' ELSE 'all' END,
     sheet_id, sheet_count, blade_side, true
   FROM jobs WHERE (${HAS_PLACEMENT}) IS NOT TRUE`,
  `UPDATE jobs SET card = placement - 'runs' - 'runInHand', run_in_hand = (placement->>'runInHand')::integer
   WHERE ${HAS_PLACEMENT}`,

  // Dies: those laid in a run, or where none is laid there, those of the job.
  `CREATE TABLE job_run_dies (
  job_id uuid NOT NULL,
  run_position integer NOT NULL,
  position integer NOT NULL CHECK (position >= 0),
  die_id uuid NOT NULL CONSTRAINT job_dies_die REFERENCES dies,
  PRIMARY KEY (job_id, run_position, position),
  CONSTRAINT job_dies_run FOREIGN KEY (job_id, run_position) REFERENCES job_runs ON DELETE CASCADE)`,
  `INSERT INTO job_run_dies (job_id, run_position, position, die_id)
   SELECT job_id, run_position, row_number() OVER (PARTITION BY job_id, run_position ORDER BY first) - 1, die_id
   FROM (SELECT job_id, position AS run_position, (die->>'dieId')::uuid AS die_id, min(at) AS first
         FROM job_runs, jsonb_array_elements(placed->'dies') WITH ORDINALITY AS each(die, at)
         WHERE placed IS NOT NULL GROUP BY 1, 2, 3) AS laid`,
  `INSERT INTO job_run_dies (job_id, run_position, position, die_id)
   SELECT run.job_id, run.position, die.position, die.die_id
   FROM job_runs AS run JOIN job_dies AS die ON die.job_id = run.job_id
   WHERE coalesce(jsonb_array_length(run.placed->'dies'), 0) = 0`,
  `DROP TABLE job_dies`,
  `ALTER TABLE job_run_dies RENAME TO job_dies`,
  `CREATE INDEX job_dies_by_die ON job_dies (die_id)`,

  // The stack that was kept is that of the run in hand.
  `ALTER TABLE job_layers ADD COLUMN run_position integer, ADD COLUMN role text CHECK (${ROLES})`,
  `UPDATE job_layers SET run_position = jobs.run_in_hand FROM jobs WHERE jobs.id = job_layers.job_id`,
  `UPDATE job_layers AS kept SET role = found.role FROM (${rolesOf(
    `SELECT layer.job_id AS id, layer.position, layer.layer_is,
       CASE WHEN layer.glued IS NULL THEN plates.kind ELSE 'press-block' END AS kind, jobs.blade_side
     FROM job_layers AS layer JOIN jobs ON jobs.id = layer.job_id LEFT JOIN plates ON plates.id = layer.plate_id`,
  )}) AS found WHERE found.id = kept.job_id AND found.position = kept.position`,
  `ALTER TABLE job_layers DROP CONSTRAINT job_layers_pkey, DROP CONSTRAINT job_layers_job_id_fkey,
     ALTER COLUMN run_position SET NOT NULL, ADD PRIMARY KEY (job_id, run_position, position),
     ADD CONSTRAINT job_layers_run FOREIGN KEY (job_id, run_position) REFERENCES job_runs ON DELETE CASCADE,
     ADD CONSTRAINT job_layers_role CHECK ((layer_is = 'plate') = (role IS NOT NULL))`,
  `ALTER TABLE jobs DROP COLUMN technique, DROP COLUMN sheet_id, DROP COLUMN sheet_count, DROP COLUMN blade_side,
     DROP COLUMN placement`,

  `ALTER TABLE runs
     ADD COLUMN press_run_id text CHECK (char_length(press_run_id) BETWEEN 1 AND 60),
     ADD COLUMN technique text NOT NULL DEFAULT 'cut' CHECK (technique IN ('cut')),
     ADD COLUMN region text NOT NULL DEFAULT 'all' CHECK (region IN ('all', 'to-line', 'under-block')),
     ADD COLUMN finishes boolean NOT NULL DEFAULT true,
     ADD COLUMN began_at timestamptz,
     ADD COLUMN ended_at timestamptz,
     ADD COLUMN spoilt integer NOT NULL DEFAULT 0 CHECK (spoilt BETWEEN 0 AND 10000),
     ADD CONSTRAINT runs_began_first CHECK (began_at <= ended_at),
     ALTER CONSTRAINT runs_follows DEFERRABLE`,
  `UPDATE runs SET placement = jsonb_set(placement, '{runs}', (
     SELECT jsonb_agg((run - 'way') || jsonb_build_object('region', ${REGION_OF_WAY}) ORDER BY at) FROM ${runsOf('placement')}))
   WHERE ${HAS_PLACEMENT}`,
  `UPDATE runs SET press_run_id = run->>'id', region = run->>'region', finishes = place = jsonb_array_length(placement->'runs') - 1
   FROM (SELECT id, (placement->>'runInHand')::integer AS place, placement->'runs'->((placement->>'runInHand')::integer) AS run
         FROM runs WHERE ${HAS_PLACEMENT}) AS pressed
   WHERE pressed.id = runs.id AND run IS NOT NULL`,
  // Where nothing was laid out, the job had but one way of pressing.
  `UPDATE runs SET press_run_id = job_runs.run_name, region = job_runs.region
   FROM jobs JOIN job_runs ON job_runs.job_id = jobs.id
   WHERE jobs.id = runs.job_id AND jobs.card IS NULL AND (jsonb_typeof(runs.placement) = 'object') IS NOT TRUE`,
  `ALTER TABLE runs ALTER COLUMN technique DROP DEFAULT, ALTER COLUMN region DROP DEFAULT, ALTER COLUMN finishes DROP DEFAULT`,
  `CREATE INDEX runs_by_method ON runs (technique, region)`,
  `ALTER TABLE run_layers ADD COLUMN role text CHECK (${ROLES})`,
  `UPDATE run_layers AS kept SET role = found.role FROM (${rolesOf(
    `SELECT layer.run_id AS id, layer.position, layer.layer_is, plates.kind, runs.blade_side
     FROM run_layers AS layer JOIN runs ON runs.id = layer.run_id LEFT JOIN plates ON plates.id = layer.plate_id`,
  )}) AS found WHERE found.id = kept.run_id AND found.position = kept.position`,
  `ALTER TABLE run_layers ADD CONSTRAINT run_layers_role CHECK (layer_is = 'plate' OR role IS NULL)`,
]

const down = [
  `ALTER TABLE run_layers DROP COLUMN role`,
  `UPDATE runs SET placement = jsonb_set(placement, '{runs}', (
     SELECT jsonb_agg((run - 'region') || jsonb_build_object('way', ${WAY_OF_REGION}) ORDER BY at) FROM ${runsOf('placement')}))
   WHERE ${HAS_PLACEMENT}`,
  `DROP INDEX runs_by_method`,
  `ALTER TABLE runs DROP COLUMN press_run_id, DROP COLUMN technique, DROP COLUMN region, DROP COLUMN finishes,
     DROP COLUMN began_at, DROP COLUMN ended_at, DROP COLUMN spoilt, ALTER CONSTRAINT runs_follows NOT DEFERRABLE`,

  `ALTER TABLE jobs ADD COLUMN technique text, ADD COLUMN sheet_id uuid CONSTRAINT jobs_sheet REFERENCES sheets,
     ADD COLUMN sheet_count integer, ADD COLUMN blade_side text, ADD COLUMN placement jsonb`,
  `UPDATE jobs SET sheet_id = run.sheet_id, sheet_count = run.sheet_count, blade_side = run.blade_side,
     technique = CASE run.region WHEN 'to-line' THEN 'edge-partial' WHEN 'under-block' THEN 'block-partial' ELSE 'full-cut' END
   FROM job_runs AS run WHERE run.job_id = jobs.id AND run.position = jobs.run_in_hand`,
  `UPDATE jobs SET placement = card || jsonb_build_object('runInHand', run_in_hand, 'runs', (
     SELECT jsonb_agg(jsonb_build_object('id', run_name, 'name', name, 'way',
       CASE region WHEN 'to-line' THEN 'edge' WHEN 'under-block' THEN 'block' ELSE 'whole' END) || placed ORDER BY position)
     FROM job_runs WHERE job_id = jobs.id))
   WHERE card IS NOT NULL`,
  `ALTER TABLE jobs
     ALTER COLUMN technique SET NOT NULL, ALTER COLUMN sheet_id SET NOT NULL, ALTER COLUMN sheet_count SET NOT NULL,
     ALTER COLUMN blade_side SET NOT NULL,
     ADD CONSTRAINT jobs_technique_check CHECK (technique IN ('full-cut', 'edge-partial', 'block-partial')),
     ADD CONSTRAINT jobs_sheet_count_check CHECK (sheet_count BETWEEN 1 AND 12),
     ADD CONSTRAINT jobs_blade_side_check CHECK (blade_side IN ('down', 'up'))`,
  `CREATE INDEX jobs_by_sheet ON jobs (sheet_id)`,

  `DELETE FROM job_layers USING jobs WHERE jobs.id = job_layers.job_id AND run_position <> run_in_hand`,
  `ALTER TABLE job_layers DROP CONSTRAINT job_layers_pkey, DROP CONSTRAINT job_layers_run, DROP COLUMN run_position,
     DROP COLUMN role, ADD PRIMARY KEY (job_id, position),
     ADD CONSTRAINT job_layers_job_id_fkey FOREIGN KEY (job_id) REFERENCES jobs ON DELETE CASCADE`,
  `CREATE TABLE job_dies_of_jobs (
  job_id uuid NOT NULL REFERENCES jobs ON DELETE CASCADE,
  position integer NOT NULL CHECK (position >= 0),
  die_id uuid NOT NULL,
  PRIMARY KEY (job_id, position))`,
  `INSERT INTO job_dies_of_jobs
   SELECT job_id, row_number() OVER (PARTITION BY job_id ORDER BY min(run_position * 1000 + position)) - 1, die_id
   FROM job_dies GROUP BY job_id, die_id`,
  `DROP TABLE job_dies`,
  `ALTER TABLE job_dies_of_jobs RENAME TO job_dies`,
  `ALTER TABLE job_dies ADD CONSTRAINT job_dies_die FOREIGN KEY (die_id) REFERENCES dies`,
  `CREATE INDEX job_dies_by_die ON job_dies (die_id)`,
  `DROP TABLE job_runs`,
  `ALTER TABLE jobs DROP COLUMN card, DROP COLUMN run_in_hand`,
]

interface RecipeLayer {
  readonly is: string
  readonly plateId?: string
  readonly role?: string
}
interface RecipeCut {
  readonly technique: string
  readonly region?: string
  readonly bladeSide: string
  readonly plates: readonly { readonly id: string; readonly kind: string }[]
  readonly layers: readonly RecipeLayer[]
}

const regions: Readonly<Record<string, string>> = {
  'full-cut': 'all',
  'edge-partial': 'to-line',
  'block-partial': 'under-block',
}

/** As `rolesOf`, for the layers that a recipe keeps. */
const withRoles = ({ layers, plates, bladeSide }: RecipeCut): RecipeLayer[] => {
  const kindAt = (at: number) => plates.find((plate) => plate.id === layers[at]?.plateId)?.kind ?? ''
  const step = bladeSide === 'down' ? 1 : -1
  const die = layers.findIndex((layer) => layer.is === 'dies')
  let bed = die - step
  while (layers[bed]?.is === 'sheets') bed -= step
  let pad = die + step
  while (layers[pad] && (layers[pad]?.is !== 'plate' || /^(platform|spacer|shim|press-block)$/.test(kindAt(pad))))
    pad += step
  return layers.map((layer, at) => {
    if (layer.is !== 'plate') return layer
    const kind = kindAt(at)
    const byKind = kind === 'press-block' ? 'block' : /^(platform|shim)$/.test(kind) ? kind : 'spacer'
    return { ...layer, role: at === bed ? 'bed' : at === pad ? 'pad' : byKind }
  })
}

const changeRecipes = async (
  context: QueryInterface,
  transaction: Transaction,
  change: (cut: RecipeCut) => object,
): Promise<void> => {
  const recipes = await context.sequelize.query<{ id: string; cut: RecipeCut }>('SELECT id, cut FROM recipes', {
    type: QueryTypes.SELECT,
    transaction,
  })
  for (const { id, cut } of recipes)
    await context.sequelize.query('UPDATE recipes SET cut = :cut WHERE id = :id', {
      replacements: { id, cut: JSON.stringify(change(cut)) },
      transaction,
    })
}

/**
 * Press runs own what is pressed: technique, region, sheets, side, press, place and stack, each run of a job its own. A logged run keeps
 * all of that, when it began and ended, and what was spoilt. Every plate of a stack has its role.
 */
export const pressRuns = {
  name: '0008-press-runs',
  async up({ context }: { context: QueryInterface }): Promise<void> {
    await context.sequelize.transaction(async (transaction) => {
      for (const statement of up) await context.sequelize.query(statement, { transaction })
      await changeRecipes(context, transaction, (cut) => ({
        ...cut,
        technique: 'cut',
        region: regions[cut.technique] ?? 'all',
        layers: withRoles(cut),
      }))
    })
  },
  async down({ context }: { context: QueryInterface }): Promise<void> {
    await context.sequelize.transaction(async (transaction) => {
      for (const statement of down) await context.sequelize.query(statement, { transaction })
      await changeRecipes(context, transaction, ({ region, ...cut }) => ({
        ...cut,
        technique: Object.keys(regions).find((name) => regions[name] === region) ?? 'full-cut',
        layers: cut.layers.map(({ role: _, ...layer }) => layer),
      }))
    })
  },
}
