import { describe, expect, it } from 'vitest'
import { boxAround } from '../geometry/box.js'
import { aDie } from '../testing/makers.js'
import { layOutDies } from './lay-out.js'
import { placeLines } from '../geometry/place-lines.js'

const boxes = (sizes: readonly (readonly [number, number])[], throatMm: number, rotationDeg = 0) => {
  const dies = sizes.map(([lengthMm, widthMm], at) => aDie({ id: `d${at}`, lengthMm, widthMm }))
  const poses = layOutDies(dies, throatMm, rotationDeg)
  return dies.map((die, at) => boxAround(placeLines(die.outline.lines, poses[at]!))!)
}

describe('laying dies out', () => {
  it('centres one die in the throat', () => {
    const [box] = boxes([[80, 60]], 165)
    expect((box!.fromY + box!.toY) / 2).toBeCloseTo(82.5, 6)
    expect(box!.toX - box!.fromX).toBeCloseTo(80, 6)
  })

  it('lays dies side by side while they fit, then in another row, never over each other', () => {
    const laid = boxes(
      [
        [80, 60],
        [40, 50],
        [60, 70],
      ],
      165,
    )
    laid.forEach((box, at) => {
      expect(box.fromY).toBeGreaterThanOrEqual(0)
      expect(box.toY).toBeLessThanOrEqual(165)
      for (const other of laid.slice(at + 1))
        expect(
          box.toX <= other.fromX || other.toX <= box.fromX || box.toY <= other.fromY || other.toY <= box.fromY,
        ).toBe(true)
    })
    expect(laid[2]!.fromX).toBeGreaterThan(laid[0]!.toX)
  })

  it('turns a die and keeps it in the middle', () => {
    const [box] = boxes([[80, 60]], 165, 90)
    expect(box!.toX - box!.fromX).toBeCloseTo(60, 6)
    expect((box!.fromY + box!.toY) / 2).toBeCloseTo(82.5, 6)
  })
})
