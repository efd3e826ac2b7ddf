import { type Die, type LaidDie, type Placement, startPlacement } from '@bold-heron/core'
import { describe, expect, it } from 'vitest'
import { aDie } from '../../../../../packages/core/src/testing/makers.js'
import { shapeOfDie, turnedBox } from '../../drawing/placement/shapes.js'
import { boxesOfOthers, boxOfThing } from './geometry-of.js'

const dies: Record<string, Die> = {
  gull: aDie({ id: 'gull', lengthMm: 40, widthMm: 30 }),
  kite: aDie({ id: 'kite', lengthMm: 20, widthMm: 60 }),
}
const dieOf = (id: string): Die | undefined => dies[id]
const begun = startPlacement('panel', { dies: [dies['gull']!, dies['kite']!], nameOf: String, overlapMm: 1.5 })
const [gull] = begun.runs[0]!.dies as [LaidDie, LaidDie]
const motif = { picture: null, xMm: 50, yMm: 60, rotationDeg: 90, widthMm: 30, heightMm: 20 }
const placement = { ...begun, motif } as unknown as Placement

describe('the box of a thing on the card', () => {
  it('is as large as a die’s lines, about where it lies', () => {
    const box = boxOfThing(placement, { is: 'die', id: gull.id }, dieOf)!
    const shape = shapeOfDie(dies['gull']!, begun.runs[0]!.face)
    expect(box.toX - box.fromX).toBeCloseTo(shape.widthMm, 9)
    expect(box.toY - box.fromY).toBeCloseTo(shape.heightMm, 9)
    expect((box.fromX + box.toX) / 2).toBeCloseTo(gull.xMm, 9)
    expect((box.fromY + box.toY) / 2).toBeCloseTo(gull.yMm, 9)
  })

  it('of what is turned by a quarter is as wide as it was high', () => {
    const box = boxOfThing(placement, { is: 'motif' }, dieOf)!
    expect(box.toX - box.fromX).toBeCloseTo(20, 9)
    expect(box.toY - box.fromY).toBeCloseTo(30, 9)
  })

  it('is none of a line, nor of what is not there or not known', () => {
    expect(boxOfThing(placement, { is: 'line' }, dieOf)).toBeUndefined()
    expect(boxOfThing(placement, { is: 'die', id: 'nobody' }, dieOf)).toBeUndefined()
    expect(boxOfThing(placement, { is: 'die', id: gull.id }, () => undefined)).toBeUndefined()
    expect(boxOfThing({ ...placement, motif: null }, { is: 'motif' }, dieOf)).toBeUndefined()
  })

  it('is lined up with those of everything else', () => {
    expect(boxesOfOthers(placement, { is: 'die', id: gull.id }, dieOf)).toHaveLength(2)
    expect(boxesOfOthers(placement, { is: 'motif' }, dieOf)).toHaveLength(2)
    expect(boxesOfOthers({ ...placement, motif: null }, { is: 'die', id: gull.id }, dieOf)).toHaveLength(1)
  })
})

describe('a turned rectangle’s upright box', () => {
  it('holds its corners just so', () => {
    const [w, h] = [30, 10]
    for (const rotationDeg of [0, 17, 45, 90, 133, -60]) {
      const box = turnedBox({ xMm: 5, yMm: -3, rotationDeg }, w, h)
      const a = (rotationDeg * Math.PI) / 180
      const corners = [
        [w / 2, h / 2],
        [w / 2, -h / 2],
        [-w / 2, h / 2],
        [-w / 2, -h / 2],
      ].map(([x, y]) => [5 + x! * Math.cos(a) - y! * Math.sin(a), -3 + x! * Math.sin(a) + y! * Math.cos(a)] as const)
      expect(box.fromX).toBeCloseTo(Math.min(...corners.map(([x]) => x)), 9)
      expect(box.toX).toBeCloseTo(Math.max(...corners.map(([x]) => x)), 9)
      expect(box.fromY).toBeCloseTo(Math.min(...corners.map(([, y]) => y)), 9)
      expect(box.toY).toBeCloseTo(Math.max(...corners.map(([, y]) => y)), 9)
    }
  })
})

describe('a die’s shape on the card', () => {
  it('is the die’s length up the card and its width across it, and is worked out once', () => {
    const shape = shapeOfDie(dies['kite']!, 'front')
    expect([shape.widthMm, shape.heightMm].sort((a, b) => a - b)).toEqual([20, 60])
    expect(shapeOfDie(dies['kite']!, 'front')).toBe(shape)
    expect(shapeOfDie(dies['kite']!, 'back')).not.toBe(shape)
  })
})
