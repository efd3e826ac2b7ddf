import { expect, it } from 'vitest'
import { exerciseOf } from '../practice/exercises.js'
import { SimulatedResponses } from '../planner/simulated-responses.js'
import { finish } from '../numerics/steps.js'
import type { Round } from '../goals/looks.js'
import { diagnosisSteps } from './diagnose.js'
import type { Answers } from './questions.js'

const { request, bare } = exerciseOf('good-crease', (thing) => thing)

const diagnosed = (look: Pick<Round, 'seen' | 'feel'>, answers: Answers = {}) =>
  finish(
    diagnosisSteps(
      request,
      [{ stack: bare, freshSheets: true, look: { passes: 1, hangingShare: null, hangingPlace: null, ...look } }],
      answers,
      new SimulatedResponses(),
    ),
  )!

it('a crease that does not show has causes of its own, and nothing of a cut', () => {
  const { causes } = diagnosed({ seen: 'faint', feel: 'nothing' })
  const named = new Set(causes.flatMap((each) => each.causes))
  for (const own of ['mat-hard', 'mat-thick', 'mat-cut', 'gap', 'wrong-layer'] as const) expect(named).toContain(own)
  for (const other of ['scored-spot', 'die-upside-down', 'glue-wet', 'plate-cool'] as const)
    expect(named).not.toContain(other)
})

it('a mat with cuts is believed where it was seen, and turned', () => {
  const before = diagnosed({ seen: 'faint', feel: 'nothing' })
  const { causes, remedies } = diagnosed({ seen: 'faint', feel: 'nothing' }, { 'mat-has-cuts': true })
  expect(causes[0]!.causes).toContain('mat-cut')
  expect(remedies.map(({ id }) => id)).toContain('mat-cut')
  expect(causes[0]!.chance).toBeGreaterThan(before.causes.find((each) => each.causes[0] === 'mat-cut')!.chance)
})

it('a crease that cut through wants less, never more', () => {
  const { remedies } = diagnosed({ seen: 'cut-through', feel: 'plainly-felt' })
  expect(remedies[0]!.id).not.toBe('tighter')
})
