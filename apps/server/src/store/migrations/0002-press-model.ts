import type { QueryInterface } from 'sequelize'

const statements = [
  `CREATE TABLE press_numbers (
  press_id uuid NOT NULL REFERENCES presses ON DELETE CASCADE,
  number_name text NOT NULL CHECK (number_name IN ('rollerDiameterMm', 'bearingSpanMm', 'rollerModulusMPa',
    'frameStiffnessNPerMm', 'handleLimitN', 'crankArmMm', 'gearRatio', 'stallForceN')),
  value double precision NOT NULL CHECK (value > 0 AND value <= 10000000),
  known_from text NOT NULL CHECK (known_from IN ('booklet', 'measured', 'guess')),
  PRIMARY KEY (press_id, number_name))`,

  `ALTER TABLE sheets
  ADD COLUMN shear_strength_mpa double precision CHECK (shear_strength_mpa BETWEEN 0.1 AND 500),
  ADD COLUMN squash_modulus_mpa double precision CHECK (squash_modulus_mpa BETWEEN 0.01 AND 1000)`,

  `ALTER TABLE dies
  ADD COLUMN body_strip_mm double precision CHECK (body_strip_mm BETWEEN 0 AND 20),
  ADD COLUMN laciness double precision CHECK (laciness BETWEEN 0 AND 1)`,

  `CREATE TABLE die_outlines (
  die_id uuid PRIMARY KEY REFERENCES dies ON DELETE CASCADE,
  source text NOT NULL CHECK (source IN ('drawing', 'traced')),
  file_name text NOT NULL DEFAULT '' CHECK (char_length(file_name) <= 80),
  lines jsonb NOT NULL CHECK (jsonb_typeof(lines) = 'array'),
  line_mm double precision NOT NULL CHECK (line_mm > 0),
  openings integer NOT NULL CHECK (openings >= 0),
  narrowest_bridge_mm double precision CHECK (narrowest_bridge_mm >= 0))`,

  `ALTER TABLE house_rules
  ADD COLUMN least_chance double precision NOT NULL DEFAULT 0.9 CHECK (least_chance BETWEEN 0.5 AND 0.999),
  ADD COLUMN most_stop_chance double precision NOT NULL DEFAULT 0.02 CHECK (most_stop_chance BETWEEN 0.001 AND 0.5),
  ADD COLUMN most_passes integer NOT NULL DEFAULT 6 CHECK (most_passes BETWEEN 1 AND 12),
  ADD COLUMN hand_share double precision NOT NULL DEFAULT 1 CHECK (hand_share BETWEEN 0.1 AND 1.5)`,
]

const undoing = [
  `ALTER TABLE house_rules DROP COLUMN least_chance, DROP COLUMN most_stop_chance, DROP COLUMN most_passes, DROP COLUMN hand_share`,
  `DROP TABLE die_outlines`,
  `ALTER TABLE dies DROP COLUMN body_strip_mm, DROP COLUMN laciness`,
  `ALTER TABLE sheets DROP COLUMN shear_strength_mpa, DROP COLUMN squash_modulus_mpa`,
  `DROP TABLE press_numbers`,
]

/** What the press model needs: numbers of presses and sheets, outlines of dies, and the house's chances and limits. */
export const pressModelColumns = {
  name: '0002-press-model',
  async up({ context }: { context: QueryInterface }): Promise<void> {
    await context.sequelize.transaction(async (transaction) => {
      for (const statement of statements) await context.sequelize.query(statement, { transaction })
    })
  },
  async down({ context }: { context: QueryInterface }): Promise<void> {
    for (const statement of undoing) await context.sequelize.query(statement)
  },
}
