import type { LineMap } from '@bold-heron/core'
import { svgPathProperties } from 'svg-path-properties'
import { describe, expect, it } from 'vitest'
import { pathsOf } from './cut-map-paths.js'
import { pathOf, pathOfAll } from './line-path.js'
import { viewOf } from './outline-view.js'

describe('a line as path data', () => {
  it('goes through its points, to the micrometre', () => {
    expect(pathOf([0, 0, 1.23456, 2])).toBe('M0.000 0.000L1.235 2.000')
    expect(pathOf([])).toBe('')
    expect(pathOfAll([[0, 0, 1, 0], Float64Array.of(5, 5, 5, 6)])).toBe(
      'M0.000 0.000L1.000 0.000M5.000 5.000L5.000 6.000',
    )
  })

  it('is as long as the line', () => {
    const line = [0, 0, 30, 40, 30, 0]
    expect(new svgPathProperties(pathOf(line)).getTotalLength()).toBeCloseTo(90, 2)
  })
})

describe('an outline to be shown', () => {
  it('has the box of all its lines, and their measures', () => {
    const view = viewOf([
      [0, 0, 20, 0, 20, 10, 0, 10, 0, 0],
      [5, 2, 25, 2],
    ])!
    expect(view.box).toEqual({ x: 0, y: 0, width: 25, height: 10 })
    expect(view.measures.lineMm).toBeCloseTo(80, 6)
  })

  it('is none without lines', () => {
    expect(viewOf([])).toBeUndefined()
  })
})

/** Three chains: hanging from (0,0) to (0,10), nearly on to (0,20), clean from (5,0) to (15,0). x along the feed. */
const map: LineMap = {
  points: Float64Array.of(0, 0, 0, 10, 0, 10, 0, 20, 5, 0, 15, 0),
  starts: Uint32Array.of(0, 2, 4, 6),
  states: Uint8Array.of(0, 1, 2),
} as unknown as LineMap

describe('a cut map to be drawn', () => {
  const paths = pathsOf(map)

  it('shares its line out among the states', () => {
    const { hanging, nearly, clean } = paths.byState
    expect(hanging.share + nearly.share + clean.share).toBeCloseTo(1, 12)
    for (const { share } of [hanging, nearly, clean]) expect(share).toBeCloseTo(1 / 3, 12)
  })

  it('is seen from above with the feed going up', () => {
    expect(paths.byState.clean.d).toBe('M0.000 -5.000L0.000 -15.000')
    expect(paths.box).toEqual({ x: 0, y: -15, width: 20, height: 15 })
  })

  it('may lie as on a card instead', () => {
    expect(pathsOf(map, (x, y) => [x, y]).byState.clean.d).toBe('M5.000 0.000L15.000 0.000')
  })

  it('of nothing is nothing', () => {
    const empty = {
      points: new Float64Array(0),
      starts: Uint32Array.of(0),
      states: new Uint8Array(0),
    } as unknown as LineMap
    expect(pathsOf(empty)).toMatchObject({ byState: { clean: { d: '', share: 0 } }, box: { width: 1, height: 1 } })
  })
})
