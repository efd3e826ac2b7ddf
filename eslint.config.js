import js from '@eslint/js'
import reactHooks from 'eslint-plugin-react-hooks'
import tseslint from 'typescript-eslint'

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
