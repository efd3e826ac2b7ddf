import js from '@eslint/js'
import reactHooks from 'eslint-plugin-react-hooks'
import tseslint from 'typescript-eslint'

/** Two letters and more that are no unit, nor what a format goes by. */
const WORD = '/\\b(?!(?:mm|cm|in|lb|min|N|MPa|CSV|JSON|PDF|SVG|DXF)\\b)[A-Za-zÀ-ž]{2,}/'
/** Rooms and what they may import of ours; see docs/architecture.md. */
const mayNotImport = (files, groups, message) => ({
  files,
  rules: { 'no-restricted-imports': ['error', { patterns: [{ group: groups, message }] }] },
})

export default tseslint.config(
  { ignores: ['**/dist', '**/node_modules', '.data', '.stamps', 'docs'] },
  js.configs.recommended,
  {
    files: ['**/*.{ts,tsx}'],
    extends: [...tseslint.configs.recommendedTypeChecked],
    languageOptions: {
      parserOptions: {
        // One program for all rooms: each on its own would read what it imports again. `tsc -b` is what keeps them apart.
        project: ['tsconfig.lint.json'],
        tsconfigRootDir: import.meta.dirname,
      },
    },
    rules: {
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      '@typescript-eslint/no-misused-promises': ['error', { checksVoidReturn: false }],
      // Interfaces here describe plain records of functions, which are taken apart freely; few classes exist.
      '@typescript-eslint/unbound-method': 'off',
      '@typescript-eslint/consistent-type-imports': ['error', { fixStyle: 'inline-type-imports' }],
    },
  },
  {
    files: ['**/*.{mjs,js}'],
    languageOptions: {
      globals: {
        process: 'readonly',
        console: 'readonly',
        setTimeout: 'readonly',
        fetch: 'readonly',
        performance: 'readonly',
        AbortSignal: 'readonly',
      },
    },
  },
  {
    files: ['apps/web/src/**/*.{ts,tsx}'],
    plugins: { 'react-hooks': reactHooks },
    rules: { ...reactHooks.configs['recommended-latest'].rules },
  },
  {
    files: ['apps/web/src/**/*.tsx'],
    rules: {
      // What is shown or said aloud stands in text/<language>; units and the letters of formats are the same in all of them.
      'no-restricted-syntax': [
        'error',
        ...[
          `JSXText[value=${WORD}]`,
          `JSXAttribute[name.name=/^(aria-label|aria-description|title|placeholder|alt|label|hint)$/] > Literal[value=${WORD}]`,
          ...['', 'ConditionalExpression > ', 'LogicalExpression > '].map(
            (within) => `JSXElement > JSXExpressionContainer > ${within}Literal[value=${WORD}]`,
          ),
          `JSXElement > JSXExpressionContainer > TemplateLiteral > TemplateElement[value.raw=${WORD}]`,
        ].map((selector) => ({ selector, message: 'A word that is shown belongs in text/<language>.' })),
      ],
    },
  },
  {
    files: ['packages/core/src/**/*.ts'],
    ignores: ['**/*.test.ts', '**/testing/**'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            { regex: '^(?!\\.|clipper2-ts$)', message: 'The core imports nothing but itself, and a polygon library.' },
          ],
        },
      ],
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random', message: 'Pass a seeded RandomSource in.' },
        { object: 'Date', property: 'now', message: 'The core knows no clock.' },
      ],
      'no-restricted-globals': ['error', 'Date', 'performance', 'setTimeout', 'fetch', 'process', 'window', 'document'],
    },
  },
  {
    files: ['e2e/**/*.ts', 'hardening/**/*.ts', 'benchmarks/**/*.ts'],
    ignores: ['e2e/fixtures/{browser,chromium,hand,keys}.ts'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            {
              group: ['selenium-webdriver*', '*/fixtures/hand.js', '*/fixtures/chromium.js'],
              message:
                'No test takes an element of a page in hand: the page may draw it anew. Say where it is (fixtures/spot.ts) to the Browser.',
            },
          ],
        },
      ],
    },
  },
  mayNotImport(
    ['packages/schema/src/**/*.ts'],
    ['@bold-heron/server*', '@bold-heron/web*'],
    'The schema imports only the core.',
  ),
  mayNotImport(
    ['packages/formats/src/**/*.ts'],
    ['@bold-heron/server*', '@bold-heron/web*', '@bold-heron/schema*'],
    'The formats import only the core.',
  ),
  mayNotImport(['apps/server/src/**/*.ts'], ['@bold-heron/web*'], 'The server imports schema and core.'),
  mayNotImport(['apps/web/src/**/*.{ts,tsx}'], ['@bold-heron/server*'], 'The pages import schema and core.'),
)
