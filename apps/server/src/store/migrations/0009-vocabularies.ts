import type { QueryInterface } from 'sequelize'

/** The words of before, so that rows that use them stay valid; later ones are filled in at every start. */
const vocabularies: Readonly<Record<string, readonly string[]>> = {
  techniques: ['cut'],
  regions: ['all', 'to-line', 'under-block'],
  roles: ['platform', 'spacer', 'shim', 'bed', 'pad', 'block'],
  looks: ['untouched', 'dented', 'hanging', 'clean', 'cut-into-pad'],
  die_classes: ['thin-outline', 'thin-lace', 'thin-border', 'small-cased', 'large-cased'],
  plate_kinds: [
    'platform',
    'spacer',
    'cutting-pad',
    'hard-plate',
    'soft-mat',
    'embossing-mat',
    'impression-pad',
    'shim',
    'press-block',
  ],
  sheet_kinds: [
    'smooth-card',
    'textured-card',
    'foil-paper',
    'film',
    'vellum',
    'adhesive-sheet',
    'craft-foam',
    'board',
  ],
  press_classes: ['small-hand', 'a4-hand', 'a4-motor', 'wide-hand'],
}

/** Columns that hold a word, each with its vocabulary. */
const columns: readonly (readonly [table: string, column: string, vocabulary: string])[] = [
  ['plates', 'kind', 'plate_kinds'],
  ['presses', 'press_class', 'press_classes'],
  ['known_good_stacks', 'die_class', 'die_classes'],
  ['dies', 'die_class', 'die_classes'],
  ['sheets', 'kind', 'sheet_kinds'],
  ['job_runs', 'technique', 'techniques'],
  ['job_runs', 'region', 'regions'],
  ['job_layers', 'role', 'roles'],
  ['runs', 'technique', 'techniques'],
  ['runs', 'region', 'regions'],
  ['run_layers', 'role', 'roles'],
  ['run_rounds', 'seen', 'looks'],
]

const listed = (words: readonly string[]): string => words.map((word) => `'${word}'`).join(', ')

const up = [
  ...Object.entries(vocabularies).flatMap(([table, words]) => [
    `CREATE TABLE ${table} (id text PRIMARY KEY CHECK (char_length(id) BETWEEN 1 AND 60))`,
    `INSERT INTO ${table} VALUES ${words.map((word) => `('${word}')`).join(', ')}`,
  ]),
  ...columns.map(
    ([table, column, vocabulary]) => `ALTER TABLE ${table} DROP CONSTRAINT ${table}_${column}_check,
      ADD CONSTRAINT ${table}_${column}_word FOREIGN KEY (${column}) REFERENCES ${vocabulary}`,
  ),
]

const down = [
  ...columns.map(
    ([table, column, vocabulary]) => `ALTER TABLE ${table} DROP CONSTRAINT ${table}_${column}_word,
      ADD CONSTRAINT ${table}_${column}_check CHECK (${column} IN (${listed(vocabularies[vocabulary] ?? [])}))`,
  ),
  ...Object.keys(vocabularies).map((table) => `DROP TABLE ${table}`),
]

const run = async (context: QueryInterface, statements: readonly string[]): Promise<void> => {
  await context.sequelize.transaction(async (transaction) => {
    for (const statement of statements) await context.sequelize.query(statement, { transaction })
  })
}

/** The closed lists of words become tables that the core's lists fill, so that a new word needs no migration. */
export const vocabularyTables = {
  name: '0009-vocabularies',
  up: ({ context }: { context: QueryInterface }) => run(context, up),
  down: ({ context }: { context: QueryInterface }) => run(context, down),
}
