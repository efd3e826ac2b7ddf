import { type Placement, readPlacement, startPlacement } from '@bold-heron/core'
import { describe, expect, it } from 'vitest'
import { among, dieOfLines, letters } from '../../../../../packages/core/src/testing/placed.js'
import { wordsOf } from '../../testing/rendered.js'
import { viewOf } from '../../workers/view-of.js'
import { AfterSteps } from './AfterSteps.js'

const half = dieOfLines('half', [[0, 0, 20, 10, 0, 30]])
const frame = dieOfLines('frame', [[0, 0, 60, 0, 60, 40, 0, 40, 0, 0]])
const disc = dieOfLines('disc', [[0, 0, 30, 0, 30, 30, 0, 30, 0, 0]])
const dies = [half, frame, disc, letters.bar, letters.box]
const dieOf = among(dies)
const begun = (kind: Parameters<typeof startPlacement>[0], ...which: typeof dies) =>
  startPlacement(kind, { dies: which, nameOf: String, overlapMm: 2 })
const said = (placement: Placement): string =>
  wordsOf(<AfterSteps placement={placement} view={viewOf(readPlacement(placement, dieOf, 0.3))} dieOf={dieOf} />)

describe('what is done once a card is pressed', () => {
  it('of a word on a fold is told to its end, in the order of doing it', () => {
    const words = said(begun('word-on-fold', letters.bar, letters.box))
    const told = [
      'Score between the letters',
      'burnish',
      'Erase the pencil',
      'Cut two liners, 209.6 × 76.2 mm',
      'Glue a liner',
      'liner, twice',
    ]
    const places = told.map((each) => words.indexOf(each))
    expect(
      places.every((at, which) => at >= 0 && at > (places[which - 1] ?? -1)),
      words,
    ).toBe(true)
  })

  it('of a window is the knife’s work, with its care', () => {
    const words = said(begun('window', frame, letters.bar))
    expect(words).toContain('along a metal ruler, away from the hand')
    expect(words).toMatch(/with a ruler: 1\.5 mm.*Take the waste away/)
    expect(words).not.toContain('liner')
  })

  it('of halves is a snip, or only unfolding where they are closed all round', () => {
    expect(said(begun('half-on-fold', half))).toContain('snip the hairs')
    expect(said(begun('half-on-fold', disc))).toContain('Unfold it: each shape is whole.')
  })

  it('of a folded front is its score, and of a flat panel nothing', () => {
    expect(said(begun('folded-front', disc))).toContain('Score along the crease and fold.')
    expect(said(begun('panel', disc))).toBe('')
  })
})
