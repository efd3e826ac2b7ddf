import fc from 'fast-check'

/**
 * Properties are asked the same questions at every run, so that a test says the same twice; `npm run harden` asks new ones, with
 * a seed that it names, and more of them (THOROUGH).
 */
fc.configureGlobal({ seed: Number(process.env.PROPERTY_SEED ?? 1) })
globalThis.isThorough = process.env.THOROUGH !== undefined
