import { existsSync, mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, beforeAll, expect, it } from 'vitest'
import { forgetStaleModules } from './kept-modules.mjs'

let root = ''
const kept = () => join(root, 'node_modules', '.experimental-vitest-cache')
const keep = () => mkdirSync(kept(), { recursive: true })
const source = (name: string) => join(root, 'packages', name)

beforeAll(() => {
  root = mkdtempSync(join(tmpdir(), 'heron-kept-'))
  mkdirSync(join(root, 'packages'))
  mkdirSync(join(root, 'apps'))
  writeFileSync(source('one.ts'), 'one')
})
afterAll(() => rmSync(root, { recursive: true, force: true }))

it('modules are kept while files only change, and forgotten once one comes or goes', () => {
  keep()
  forgetStaleModules(root)
  expect(existsSync(kept())).toBe(false)
  keep()
  writeFileSync(source('one.ts'), 'another')
  forgetStaleModules(root)
  expect(existsSync(kept())).toBe(true)
  writeFileSync(source('two.ts'), 'two')
  forgetStaleModules(root)
  expect(existsSync(kept())).toBe(false)
  keep()
  rmSync(source('one.ts'))
  forgetStaleModules(root)
  expect(existsSync(kept())).toBe(false)
})
