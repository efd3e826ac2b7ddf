import fc from 'fast-check'

/** How often a property is asked that does not say so itself. */
const TIMES = { usual: 50, thorough: 100 }

/**
 * Properties are asked the same questions at every run, so that a test says the same twice; `npm run harden` asks new ones, with
 * a seed that it names, and more of them (THOROUGH).
 */
globalThis.isThorough = process.env.THOROUGH !== undefined
fc.configureGlobal({
  seed: Number(process.env.PROPERTY_SEED ?? 1),
  numRuns: globalThis.isThorough ? TIMES.thorough : TIMES.usual,
})
