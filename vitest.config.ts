import { defineConfig } from 'vitest/config'

/** Three kinds of test: units run side by side, the API's against a real PostgreSQL, the browser's one after another. */
export default defineConfig({
  test: {
    projects: [
      {
        test: {
          name: 'unit',
          include: ['packages/*/src/**/*.test.ts', 'apps/*/src/**/*.test.ts', 'scripts/**/*.test.ts'],
          exclude: ['**/*.api.test.ts', '**/node_modules/**'],
          testTimeout: 60_000,
        },
      },
      {
        test: {
          name: 'api',
          include: ['apps/server/src/**/*.api.test.ts'],
          testTimeout: 60_000,
          hookTimeout: 60_000,
        },
      },
      {
        test: {
          name: 'browser',
          include: ['e2e/journeys/**/*.test.ts'],
          fileParallelism: false,
          testTimeout: 180_000,
          hookTimeout: 120_000,
        },
      },
    ],
  },
})
