import { circleAt, seededRandom } from '@bold-heron/core'
import { describe, expect, it } from 'vitest'
import { closeUp, judged, laceLines, leafLines, photoOf, type PhotoWish } from '../testing/photo.js'
import { readLook } from './read-look.js'

const leaf = { lines: leafLines(80, 60), light: 'behind', hanging: 0.35, pixelsPerMm: 8.5 } as const

const readOf = async (wish: PhotoWish, seed: number) => {
  const photo = await photoOf(wish, seededRandom(seed))
  return { photo, read: readLook(photo.asked) }
}

describe('a photo of a cut', () => {
  it.each<readonly [string, Partial<PhotoWish>]>([
    ['against the light', {}],
    ['on the dark', { light: 'dark-ground' }],
    ['of lace, from the back, turned', { lines: laceLines(60), side: 'back', rotationDeg: 17 }],
    ['at a slant of 25°', { lean: [25, -12] }],
    ['of a die that lay 3 mm off', { off: [2.4, -1.8] }],
    ['with a hand in the corner', { handOver: true, lean: [8, 8] }],
    ['in uneven light, grainy', { uneven: 0.5, grain: 8 }],
    ['where light falls off to a quarter', { uneven: 0.75 }],
    ['of lace whose bits fell out, some of them', { lines: laceLines(60), fallenOut: 0.6 }],
    ['of thin kerfs of little contrast', { kerfMm: 0.15, contrast: 35, pixelsPerMm: 9 }],
  ])('%s is told right along its line, and never surely wrong', async (_, wish) => {
    const { photo, read } = await readOf({ ...leaf, ...wish }, 7)
    if (!read.read) throw new Error(read.why)
    const { right, sure, sureRight } = judged(photo, read.stretches)
    expect(right).toBeGreaterThan(0.95)
    expect(sureRight).toBeGreaterThan(0.98)
    expect(sure).toBeGreaterThan(0.8)
    expect(read.misfitMm).toBeLessThan(0.5)
  })

  it('covers all of every line', async () => {
    const { photo, read } = await readOf({ ...leaf, lines: laceLines(30) }, 3)
    if (!read.read) throw new Error(read.why)
    for (const line of photo.asked.lines.keys()) {
      const its = read.stretches.filter((each) => each.line === line)
      expect(its[0]!.fromMm).toBe(0)
      its.slice(1).forEach(({ fromMm }, at) => expect(fromMm).toBe(its[at]!.toMm))
    }
  })
})

describe('a photo that says nothing', () => {
  it.each<readonly [string, Partial<PhotoWish>]>([
    ['no-light', { hanging: 1 }],
    ['faint', { contrast: 9 }],
    ['too-coarse', { pixelsPerMm: 2.2 }],
  ])('is refused: %s', async (why, wish) => {
    expect((await readOf({ ...leaf, ...wish }, 5)).read).toEqual({ read: false, why })
  })

  it('is refused where no corner of the sheet is in it and the outline looks the same all round', async () => {
    const photo = closeUp(await photoOf({ ...leaf, lines: [circleAt(0, 0, 25, 0.02)] }, seededRandom(2)), 5, 8.5)
    expect(readLook(photo.asked)).toMatchObject({ read: false })
  })
})

describe('a photo without a corner of the sheet', () => {
  it.each<readonly [string, Partial<PhotoWish>]>([
    ['seen from in front', {}],
    ['at a slant, on the dark', { lean: [20, -8], light: 'dark-ground' }],
    ['from the back', { side: 'back' }],
  ])('%s is placed by the outline itself', async (_, wish) => {
    const photo = closeUp(await photoOf({ ...leaf, lines: leafLines(60, 44), ...wish }, seededRandom(2)), 5, 8.5)
    // Nor need it be known where on the sheet the die lay.
    const read = readLook({ ...photo.asked, on: undefined })
    if (!read.read) throw new Error(read.why)
    const { right, sureRight } = judged(photo, read.stretches)
    expect(right).toBeGreaterThan(0.95)
    expect(sureRight).toBeGreaterThan(0.98)
  })
})
