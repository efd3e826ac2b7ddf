import { describe, expect, it } from 'vitest'
import { placeLines } from '../geometry/place-lines.js'
import { unionOf } from '../geometry/polygons.js'
import { circleAt } from '../geometry/polyline.js'
import { partingPlaces } from './parting.js'

const bar = (fromX: number, toX: number, halfMm: number): number[] => [
  ...[fromX, -halfMm, toX, -halfMm, toX, halfMm, fromX, halfMm],
  ...[fromX, -halfMm],
]
/** Discs of 20 mm in a row, 50 mm from one to the next, held together by bars so wide. */
const discs = (count: number, wideMm: number): number[][] =>
  unionOf([
    ...Array.from({ length: count }, (_, at) => circleAt(50 * at, 0, 20, 0.01)),
    bar(0, 50 * (count - 1), wideMm / 2),
  ])

describe('a collage of connected pieces', () => {
  it('of two discs and a bar is parted across the bar', () => {
    const [place, ...others] = partingPlaces(discs(2, 4), 2)
    expect(others).toEqual([])
    expect(place!.acrossMm).toBeCloseTo(4, 1)
    for (const [x] of [place!.from, place!.to]) expect(Math.abs(x - 25)).toBeLessThan(6)
  })

  it('of five has four places, however it lies', () => {
    for (const rotationDeg of [0, 31, 90, 200])
      expect(
        partingPlaces(placeLines(discs(5, 5), { xMm: 7, yMm: -3, rotationDeg }), 9),
        String(rotationDeg),
      ).toHaveLength(4)
  })

  it('is not parted through a hole: two rims that share a bar with a slot in it are held on both sides of the slot', () => {
    const slot = [...bar(22, 28, 3)]
    expect(partingPlaces([...discs(2, 8), slot], 9).every(({ from: [x] }) => x < 22 || x > 28)).toBe(true)
  })
})

describe('what has necks and is no collage', () => {
  it('three birds whose wings meet in a neck are the three pieces that the die says it gives', () => {
    const birds = [0, 60, 120].flatMap((dyMm) => placeLines(discs(2, 4), { xMm: 0, yMm: dyMm, rotationDeg: 0 }))
    expect(partingPlaces(birds, 3)).toEqual([])
    expect(partingPlaces(birds, 1)).toEqual([])
    expect(partingPlaces(birds, 6)).toHaveLength(3)
  })

  it('no more places are told than pieces hang together, the clearest first', () => {
    const three = [0, 50, 100].map((x) => circleAt(x, 0, 20, 0.01))
    const uneven = unionOf([...three, bar(0, 50, 1.5), bar(50, 100, 4.5)])
    const [only, ...others] = partingPlaces(uneven, 2)
    expect(others).toEqual([])
    expect(only!.acrossMm).toBeCloseTo(3, 1)
  })
})

describe('what is of one part', () => {
  it.each([
    ['a disc', [circleAt(0, 0, 30, 0.01)]],
    ['a square', [[0, 0, 60, 0, 60, 60, 0, 60, 0, 0]]],
    ['a long strip', [bar(0, 150, 5)]],
    ['two discs held by a bar nearly as wide as they are', discs(2, 30)],
    ['an open line', [[0, 0, 50, 0, 50, 50]]],
    ['two pieces that are not connected', [circleAt(0, 0, 20, 0.01), circleAt(60, 0, 20, 0.01)]],
  ])('%s is parted nowhere', (_, lines) => {
    expect(partingPlaces(lines, 9)).toEqual([])
  })
})
