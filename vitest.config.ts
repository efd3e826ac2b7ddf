import { defineConfig } from 'vitest/config'

/** Two workers, as on the machines that this is tested on; files of one kind share a worker's modules, and none leaves anything there. */
const shared = { pool: 'forks', isolate: false, maxWorkers: 2 } as const

/** What works a page in a browser. */
const inBrowser = {
  ...shared,
  globalSetup: ['e2e/fixtures/chromium.ts'],
  testTimeout: 180_000,
  hookTimeout: 120_000,
}

/**
 * Three kinds of test: units, the API's against a real PostgreSQL, and what a user does in a browser. Journeys that take long are `npm run
 * harden`'s.
 */
export default defineConfig({
  test: {
    experimental: { fsModuleCache: true },
    projects: [
      {
        test: {
          ...shared,
          name: 'unit',
          setupFiles: ['scripts/property-seed.mjs'],
          include: ['packages/*/src/**/*.test.ts', 'apps/*/src/**/*.test.{ts,tsx}', 'scripts/**/*.test.ts'],
          exclude: ['**/*.api.test.ts', '**/node_modules/**'],
          // Asked thoroughly, a property asks many times as much.
          testTimeout: process.env['THOROUGH'] ? 600_000 : 60_000,
          hookTimeout: 120_000,
        },
      },
      {
        test: {
          ...shared,
          name: 'api',
          include: ['apps/server/src/**/*.api.test.ts', 'scripts/**/*.api.test.ts', 'hardening/*.api.test.ts'],
          testTimeout: 60_000,
          hookTimeout: 120_000,
        },
      },
      {
        test: {
          ...inBrowser,
          name: 'browser',
          include: ['e2e/journeys/**/*.test.ts'],
        },
      },
      {
        test: {
          ...inBrowser,
          name: 'long',
          include: ['hardening/journeys/**/*.test.ts'],
        },
      },
    ],
  },
})
