import { drawingFaults } from '@bold-heron/formats'
import { faultsOf, plateInput, problemCodes } from '@bold-heron/schema'
import { describe, expect, it } from 'vitest'
import { z } from 'zod'
import { en } from './en/index.js'
import { sayDrawingFault } from './say-drawing-fault.js'
import { sayFault } from './say-fault.js'
import { sayProblem } from './say-problem.js'
import { speak, speakWith } from './speak.js'
import type { Words } from './words.js'

const t = speak('en')

describe('problems in words', () => {
  it.each(problemCodes)('%s has a sentence', (code) => {
    expect(sayProblem(t, { code, values: { one: 'plate' } })).toMatch(/^\S.*\.$/)
  })

  it('name the thing that is missing', () => {
    expect(sayProblem(t, { code: 'no-such', values: { one: 'sheet' } })).toBe('There is no such sheet.')
  })
})

describe('faults of fields in words', () => {
  const said = (schema: z.ZodType, input: unknown): string[] => {
    const { error } = schema.safeParse(input)
    return error ? faultsOf(error, input).map((fault) => sayFault(t, fault)) : []
  }

  it('name the field, the value met and what would do', () => {
    expect(said(z.object({ widthMm: z.number().max(60) }), { widthMm: 900 })).toEqual([
      'widthMm is 900; it must be at most 60.',
    ])
    expect(said(z.object({ name: z.string().min(1) }), { name: '' })).toEqual([
      'name is ""; it must be at least 1 characters.',
    ])
    expect(said(z.object({ of: z.enum(['a', 'b']) }), {})).toEqual([
      'of is missing or not usable; it must be one of: a, b.',
    ])
    expect(said(z.array(z.int()).max(1), [1, 2])).toEqual(['The request is "a list"; it must be at most 1 entries.'])
  })

  it('know the rules that a schema has of its own', () => {
    const plate = {
      name: 'Pad',
      kind: 'platform',
      count: 1,
      thicknessMm: 3,
      measuredBy: 'caliper',
      lengthMm: 200,
      widthMm: 100,
      fullThicknessWidthMm: 120,
      magnetic: false,
      reservedForSteel: true,
    }
    expect(said(plateInput, plate)).toEqual([
      'fullThicknessWidthMm is 120; it must not be wider than the plate itself (widthMm).',
      'reservedForSteel is true; it must be false for anything but a cutting pad.',
    ])
  })

  it('say what a row that is not there was to be', () => {
    const fault = { path: 'runs.0.dieIds.0', code: 'unknown-id', value: 'x', values: { what: 'die' } }
    expect(sayFault(t, fault)).toBe('runs.0.dieIds.0 names a die x, which is not on the shelf; choose one that is.')
  })

  it('tell a fault that nobody has words for as one', () => {
    expect(sayFault(t, { path: 'a', code: 'unheard-of', value: 1 })).toBe('a is 1; it cannot be taken as it is.')
  })
})

describe('another language', () => {
  const dashes = (tree: unknown): unknown =>
    typeof tree === 'string'
      ? tree.replace(/\{\{[^}]*\}\}|[A-Za-z]/g, (part) => (part.length > 1 ? part : '-'))
      : Object.fromEntries(Object.entries(tree as object).map(([key, value]) => [key, dashes(value)]))
  const other = speakWith(dashes(en) as Words)

  it.each(problemCodes)('%s is said in nothing but its words', (code) => {
    const values = { one: 'plate', plate: 4, press: 5, value: 1, version: 2, limitKb: 3, at: 4, limit: 5 }
    expect(sayProblem(other, { code, values })).not.toMatch(/[A-Za-z]/)
  })

  it.each(drawingFaults)('a drawing’s %s is said in nothing but its words', (code) => {
    expect(sayDrawingFault(other, '7', { code, path: '', value: 8, limit: 9 })).not.toMatch(/[A-Za-z]/)
  })

  it('falls back to the first language where it is not here', () => {
    expect(speak('xx')('things.die')).toBe('die')
  })
})
