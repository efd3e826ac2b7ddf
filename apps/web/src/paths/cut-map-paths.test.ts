import { type LineMap, lineStates } from '@bold-heron/core'
import { describe, expect, it } from 'vitest'
import { pathsOf } from './cut-map-paths.js'

const stateOf = (name: (typeof lineStates)[number]): number => lineStates.indexOf(name)

/** Two chains: one clean, 30 mm along the feed; one hanging, 10 mm across it. */
const map = {
  points: Float64Array.of(0, 0, 10, 0, 30, 0, 0, 0, 0, 10),
  starts: Uint32Array.of(0, 3, 5),
  states: Uint8Array.of(stateOf('clean'), stateOf('hanging')),
} as unknown as LineMap

describe('the paths of a cut map', () => {
  it('draw each state by itself, with its share of all line', () => {
    const { byState } = pathsOf(map)
    expect(byState.clean.share).toBeCloseTo(0.75, 12)
    expect(byState.hanging.share).toBeCloseTo(0.25, 12)
    expect(byState.nearly).toEqual({ d: '', share: 0 })
    expect(byState.clean.d.match(/M/g)).toHaveLength(1)
    expect(byState.clean.d.match(/L/g)).toHaveLength(2)
  })

  it('go up with the feed, as one sees it at the press', () => {
    const { box, byState } = pathsOf(map)
    expect(box).toEqual({ x: 0, y: -30, width: 10, height: 30 })
    expect(byState.hanging.d).toContain('10.000 ')
  })

  it('lie as they are told to otherwise', () => {
    expect(pathsOf(map, (x, y) => [x, y]).box).toEqual({ x: 0, y: 0, width: 30, height: 10 })
  })

  it('of nothing are an empty picture that can still be drawn', () => {
    const nothing = { points: new Float64Array(0), starts: Uint32Array.of(0), states: new Uint8Array(0) }
    const { box, byState } = pathsOf(nothing as unknown as LineMap)
    expect(box).toEqual({ x: 0, y: 0, width: 1, height: 1 })
    for (const { share } of Object.values(byState)) expect(share).toBe(0)
  })
})
