// How long the parts of a test run took, and which cases took longest.
import { relative } from 'node:path'

const SLOWEST = 10

const seconds = (ms) => `${(ms / 1000).toFixed(1)} s`

/** The part that a test file belongs to, as vitest.config.ts parts them. */
const partOf = (file) => {
  if (file.startsWith('e2e/') || file.startsWith('hardening/journeys/')) return 'browser'
  return file.endsWith('.api.test.ts') ? 'API' : 'units'
}

/** Lines that say how long each part was at work (two at a time), and the slowest cases. */
export const timesOf = (root, { testResults }, checks) => {
  const parts = new Map()
  const cases = []
  for (const { name, startTime, endTime, assertionResults } of testResults) {
    const file = relative(root, name)
    const part = partOf(file)
    const { ms, count } = parts.get(part) ?? { ms: 0, count: 0 }
    parts.set(part, { ms: ms + endTime - startTime, count: count + assertionResults.length })
    for (const { fullName, duration } of assertionResults) cases.push({ file, fullName, ms: duration ?? 0 })
  }
  const slowest = cases.sort((one, other) => other.ms - one.ms).slice(0, SLOWEST)
  return [
    ...[...parts].map(([part, { ms, count }]) => `${part}: ${count} tests, ${seconds(ms)}`),
    ...checks.map(({ what, ms }) => `${what}: ${seconds(ms)}`),
    'The slowest:',
    ...slowest.map(({ file, fullName, ms }) => `  ${seconds(ms)}  ${fullName} (${file})`),
  ]
}
