import type { Fitting, Placement } from '@bold-heron/core'
import type { PlaceRequest } from '@bold-heron/schema'
import { replaceEqualDeep } from '@tanstack/react-query'
import { describe, expect, it } from 'vitest'
import { byHandKey, placedPlanKey, placementViewKey, withoutPicture } from './placing-keys.js'

/** What the server answers, as far as it matters here: it is compared, never looked into. */
const answer = (more: object = {}): PlaceRequest =>
  ({
    request: { cut: { sheet: { id: 'ivory', caliper: { valueMm: 0.31 } }, sheetCount: 1 }, shelf: [{ id: 'pad' }] },
    dies: [{ id: 'kite', lines: [[0, 0, 9, 9]] }],
    sheets: [],
    ...more,
  }) as unknown as PlaceRequest

const placement = {
  card: { widthMm: 108, heightMm: 140 },
  runs: [{ id: 'one' }, { id: 'two' }],
  runInHand: 0,
  motif: { picture: 'data:long', xMm: 3 },
} as unknown as Placement
const fitting: Fitting = { throatMm: 165, blade: 'down', plates: [] }

/** Every key of what is worked out of a placement. */
const keys = (things: PlaceRequest, laid: Placement = placement) => [
  JSON.stringify(placementViewKey(things, laid, fitting)),
  JSON.stringify(byHandKey(things, laid, 'mm')),
  JSON.stringify(placedPlanKey(things, laid)),
]

describe('what is worked out of a placement', () => {
  const first = answer()

  it('is kept where the server says the same again', () => {
    expect(keys(replaceEqualDeep(first, answer()))).toEqual(keys(first))
  })

  it.each([
    [
      'another sheet',
      {
        request: { cut: { sheet: { id: 'slate', caliper: { valueMm: 0.31 } }, sheetCount: 1 }, shelf: [{ id: 'pad' }] },
      },
    ],
    [
      'another count',
      {
        request: { cut: { sheet: { id: 'ivory', caliper: { valueMm: 0.31 } }, sheetCount: 2 }, shelf: [{ id: 'pad' }] },
      },
    ],
    [
      'another shelf',
      { request: { cut: { sheet: { id: 'ivory', caliper: { valueMm: 0.31 } }, sheetCount: 1 }, shelf: [] } },
    ],
    ['other lines of a die', { dies: [{ id: 'kite', lines: [[0, 0, 8, 9]] }] }],
  ])('is worked out anew for %s', (_what, more) => {
    const next = keys(replaceEqualDeep(first, answer(more)))
    for (const [at, key] of keys(first).entries()) expect(next[at]).not.toBe(key)
  })

  it('is pressed anew where the run in hand or the card changes, not where another run does', () => {
    const of = (laid: Placement) => JSON.stringify(placedPlanKey(first, laid))
    expect(of({ ...placement, runInHand: 1 })).not.toBe(of(placement))
    expect(of({ ...placement, card: { ...placement.card, widthMm: 99 } })).not.toBe(of(placement))
    const [one, two] = placement.runs
    expect(of({ ...placement, runs: [one!, { ...two!, name: 'later' }] })).toBe(of(placement))
  })

  it('does not depend on the picture under a motif', () => {
    expect(withoutPicture(placement).motif).toEqual({ picture: null, xMm: 3 })
    expect(withoutPicture({ ...placement, motif: null }).motif).toBeNull()
  })
})
