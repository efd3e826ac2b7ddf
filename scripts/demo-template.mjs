import { fingerprintOf } from './sources.mjs'

const SOURCES = ['packages/core/src', 'packages/schema/src', 'packages/formats/src', 'apps/server/src']

/** The name under which the test cluster keeps the demo as these sources make it; made once, and again when they change. */
export const demoTemplate = (root) => `demo_${fingerprintOf(root, SOURCES).slice(0, 16)}`
