import { edgeCutterOf } from '@bold-heron/core'
import { describe, expect, it } from 'vitest'
import { dieOfLines } from '../../../../../../packages/core/src/testing/placed.js'
import type { BorderInHand } from './BorderSettings.js'
import { type EdgesInHand, ribbonInHand } from './ribbon-in-hand.js'

/** A wave along x, 60 mm of a pitch of 10; 4 mm from crest to hollow. */
const wave = Array.from({ length: 301 }, (_, at) => [at / 5, 2 - 2 * Math.cos((2 * Math.PI * at) / 50)]).flat()
const cutter = { ...dieOfLines('cutter', [wave]), lengthMm: 60 }
const net = { ...dieOfLines('net', [[0, 0, 50, 0, 50, 6, 0, 6, 0, 0]]), lengthMm: 50 }

const border: BorderInHand = {
  dieLengthMm: 50,
  pitchMm: 10,
  stripLengthMm: 170,
  stripWidthMm: 40,
  marginStartMm: 0,
  marginEndMm: 0,
  stretch: 0.004,
  feed: 'joined-end',
  edges: 'one',
  phase: 'matched',
  margins: 'hard',
}
const edges: EdgesInHand = { dieId: 'cutter', widthMm: 20, toMiddle: 'matched', phase: 'matched' }
const inHand = (typed: BorderInHand, its?: EdgesInHand, edgeDie = its && cutter) =>
  ribbonInHand(typed, net, its, edgeDie, edgeDie && edgeCutterOf(edgeDie, typed.pitchMm))

describe('a border in hand', () => {
  it('by itself is one part, and the strip as wide as it is told', () => {
    const made = inHand(border)
    expect(made.parts.map(({ is }) => is)).toEqual(['middle'])
    expect(made.border).toEqual(border)
    expect(made.keptEdges).toBeUndefined()
    expect(inHand({ ...border, edges: 'both' }).parts.map(({ is }) => is)).toEqual(['edge1', 'edge2'])
  })

  it('with edges of another die is three, on a strip whose width follows from the ribbon’s', () => {
    const made = inHand(border, edges)
    expect(made.parts.map(({ is }) => is)).toEqual(['middle', 'edge1', 'edge2'])
    expect(made.border.stripWidthMm).toBe(24)
    expect(made.keptEdges).toMatchObject({
      dieId: 'cutter',
      border: { edges: 'both', stripWidthMm: 24, dieLengthMm: 60 },
    })
    // The middle lies in the strip's middle, the cutters by its edges, the second with the strip turned.
    expect(made.parts.map(({ marked }) => marked.fromEdgeMm)).toEqual([undefined, 2, 2])
    expect(made.parts.map(({ marked }) => marked.isTurned)).toEqual([false, false, true])
  })

  it('finds the cutter’s pitch in its lines, and says when the two cannot be in phase', () => {
    expect(edgeCutterOf(cutter, 7).pitchMm).toBeCloseTo(10, 1)
    expect(inHand(border, edges).isInPhase).toBe(true)
    expect(inHand({ ...border, pitchMm: 7 }, edges).isInPhase).toBe(false)
  })

  it('is too narrow where the edges would cut into the middle: 6 mm of net and 4 of wave on either side', () => {
    expect(inHand(border, edges).leastWidthMm).toBe(14)
    expect(inHand(border, { ...edges, widthMm: 14 }).isTooNarrow).toBe(false)
    expect(inHand(border, { ...edges, widthMm: 13.9 }).isTooNarrow).toBe(true)
    // Narrower than this no ribbon holds.
    expect(inHand(border).leastWidthMm).toBe(12)
  })

  it('shows what can be cut where the other cannot', () => {
    const made = inHand({ ...border, marginStartMm: 60, marginEndMm: 60 }, edges)
    expect(made.faults).toEqual([])
    expect(made.edgeFaults.map(({ code }) => code)).toEqual(['die-enters-margin'])
    expect(made.parts.map(({ is }) => is)).toEqual(['middle'])
  })

  it('forgets its edges while both are cut by the die itself', () => {
    const made = inHand({ ...border, edges: 'both' }, edges)
    expect(made.edges).toBeUndefined()
    expect(made.keptEdges).toBeUndefined()
  })
})
