import { expect, it } from 'vitest'
import { seededRandom, stretchesOf } from '@bold-heron/core'
import { readLook } from '@bold-heron/formats'
import { aDie } from '../../../../../packages/core/src/testing/makers.js'
import { leafLines, photoOf } from '../../../../../packages/formats/src/testing/photo.js'
import { stretchPaths } from '../../paths/stretch-paths.js'
import { isOn, paintedIn, type Side, sides, toldOf, withPainted } from './painting.js'

const dies = [aDie({ id: 'one', lengthMm: 60, widthMm: 80 }), aDie({ id: 'two', lengthMm: 60, widthMm: 40 })]
const paths = stretchPaths(dies, 165)
const count = paths.stretches.length
const nothing = paths.stretches.map(() => false)

it('every stretch is drawn, within the box and as long as it is', () => {
  expect(count).toBeGreaterThan(40)
  for (const { d, x, y } of paths.stretches) {
    expect(d).toMatch(/^M-?[\d.]+ -?[\d.]+(L-?[\d.]+ -?[\d.]+)+$/)
    expect(x).toBeGreaterThanOrEqual(paths.box.x)
    expect(y).toBeLessThanOrEqual(paths.box.y + paths.box.height)
  }
})

it('what is painted is told, and read back as it was', () => {
  const painted = nothing.map((_, at) => at % 5 < 2)
  const told = toldOf(dies, painted)
  expect(new Set(told.map(({ dieId }) => dieId))).toEqual(new Set(['one', 'two']))
  expect(paintedIn(dies, told)).toEqual(painted)
  expect(toldOf(dies, nothing)).toEqual([])
})

it.each(sides)('a tap on "%s" paints just that', (side: Side) => {
  const painted = withPainted(nothing, (at) => isOn(paths, at, side), true)
  const share = painted.filter(Boolean).length / count
  expect(share).toBeGreaterThan(0.1)
  if (side === 'all') expect(share).toBe(1)
  else expect(share).toBeLessThan(0.6)
  const xs = paths.stretches.flatMap(({ x }, at) => (painted[at] ? [x] : []))
  const middle = paths.box.x + paths.box.width / 2
  if (side === 'left') expect(Math.max(...xs)).toBeLessThan(middle)
  if (side === 'right') expect(Math.min(...xs)).toBeGreaterThan(middle)
  // Its other side is none of it.
  const other = { left: 'right', right: 'left', front: 'back', back: 'front' }[side as string] as Side | undefined
  if (other) expect(painted.some((is, at) => is && isOn(paths, at, other))).toBe(false)
  expect(withPainted(painted, (at) => isOn(paths, at, side), false)).toEqual(nothing)
})

it('a photo is read in the very stretches that are painted', async () => {
  const leaf = [aDie({ id: 'leaf', outline: { source: 'drawing', lines: leafLines(60, 44) } })]
  const its = stretchPaths(leaf, 165)
  const photo = await photoOf({ lines: its.lines, light: 'behind', hanging: 0.3, pixelsPerMm: 8.5 }, seededRandom(2))
  const read = readLook({ ...photo.asked })
  if (!read.read) throw new Error(read.why)
  expect(read.stretches.map(({ line, fromMm, toMm }) => [line, fromMm.toFixed(3), toMm.toFixed(3)])).toEqual(
    stretchesOf(leaf).map(({ line, fromMm, toMm }) => [line, fromMm.toFixed(3), toMm.toFixed(3)]),
  )
})
