import { describe, expect, it } from 'vitest'
import { circleAt, lengthOf } from '../geometry/polyline.js'
import { laceAt } from '../testing/shapes.js'
import { measureOutline } from './outline.js'
import { standInOutline } from './stand-in.js'

describe('measuring an outline', () => {
  it('tells size, line, openings and the narrowest bridge of a ring', () => {
    const measures = measureOutline([circleAt(30, 30, 20, 0.001), circleAt(30, 30, 15, 0.001)])!
    expect(measures.lengthMm).toBeCloseTo(40, 2)
    expect(measures.widthMm).toBeCloseTo(40, 2)
    expect(measures.lineMm).toBeCloseTo(2 * Math.PI * 35, 1)
    expect(measures.openings).toBe(1)
    expect(measures.narrowestBridgeMm).toBeCloseTo(5, 1)
    expect(measures.suggests).toBe('thin-outline')
  })

  it('takes many little openings for lace', () => {
    const measures = measureOutline(laceAt(50, 50, 60, 6, 3))!
    expect(measures.openings).toBe(36)
    expect(measures.suggests).toBe('thin-lace')
  })

  it('measures nothing on nothing', () => {
    expect(measureOutline([])).toBeUndefined()
  })
})

describe('a stand-in', () => {
  it('is as large as the die and says that it is one', () => {
    const outline = standInOutline('thin-outline', 96, 74, 0)
    expect(outline.source).toBe('stand-in')
    expect(measureOutline(outline.lines)).toMatchObject({ openings: 0, suggests: 'thin-outline' })
    expect(measureOutline(outline.lines)!.lengthMm).toBeCloseTo(96, 6)
    expect(measureOutline(outline.lines)!.widthMm).toBeCloseTo(74, 6)
  })

  it('holds more line the lacier it is', () => {
    const lines = [0, 0.25, 0.5, 0.75, 1].map((laciness) =>
      standInOutline('thin-lace', 100, 100, laciness).lines.reduce((sum, line) => sum + lengthOf(line), 0),
    )
    expect(lines).toEqual([...lines].sort((a, b) => a - b))
    expect(lines.at(-1)! / 10_000).toBeGreaterThan(0.22)
  })

  it('keeps its openings apart and inside', () => {
    const measures = measureOutline(standInOutline('thin-lace', 140, 28, 1).lines)!
    expect(measures.narrowestBridgeMm).toBeGreaterThan(0.2)
    expect(measures.lengthMm).toBeCloseTo(140, 6)
  })
})
