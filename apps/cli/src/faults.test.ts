import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { sayFault, speak } from '@bold-heron/words'
import { expect, it } from 'vitest'

const SAYS_A_CODE = /(?:error|message): '([^']+)'|fault\([^\n]*, '([a-z-]+)'\)/g

it('every code that a schema refuses with says what would do', () => {
  const folder = fileURLToPath(new URL('../../../packages/schema/src/', import.meta.url))
  const codes = readdirSync(folder, { recursive: true, encoding: 'utf8' })
    .filter((file) => file.endsWith('.ts') && !file.endsWith('.test.ts'))
    .flatMap((file) => [...readFileSync(join(folder, file), 'utf8').matchAll(SAYS_A_CODE)])
    .flatMap(([, one, other]) => one ?? other ?? [])
    // Lists of what would do are told as they are.
    .filter((code) => !code.includes(','))
  expect(codes.length).toBeGreaterThan(20)
  const t = speak('en')
  const unfit = sayFault(t, { path: 'x', code: 'no such code', value: 1 })
  expect(codes.filter((code) => sayFault(t, { path: 'x', code, value: 1 }) === unfit)).toEqual([])
})
