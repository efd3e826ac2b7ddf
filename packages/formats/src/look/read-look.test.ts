import { circleAt, type RandomSource, seededRandom } from '@bold-heron/core'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { asked } from '../../../core/src/testing/thorough.js'
import { closeUp, judged, laceLines, leafLines, photoOf, type PhotoWish } from '../testing/photo.js'
import { readLook } from './read-look.js'

const leaf = { lines: leafLines(44, 32), light: 'behind', hanging: 0.35, pixelsPerMm: 8.5 } as const

/** mm. A sheet with room for these, and where their middle lies on it. */
const SHEET = { widthMm: 84, heightMm: 66, xMm: 40, yMm: 34 }

const readOf = async (wish: PhotoWish, seed: number) => {
  const photo = await photoOf(wish, seededRandom(seed), SHEET)
  return { photo, read: readLook(photo.asked) }
}

describe('a photo of a cut', () => {
  it.each<readonly [string, Partial<PhotoWish>]>([
    ['against the light', {}],
    ['on the dark', { light: 'dark-ground' }],
    ['of lace, from the back, turned', { lines: laceLines(34), side: 'back', rotationDeg: 17 }],
    ['at a slant of 25°', { lean: [25, -12] }],
    ['of a die that lay 3 mm off', { off: [2.4, -1.8] }],
    ['with a hand in the corner', { handOver: true, lean: [8, 8] }],
    ['in uneven light, grainy', { uneven: 0.5, grain: 8 }],
    ['where light falls off to a quarter', { uneven: 0.75 }],
    ['of lace whose bits fell out, some of them', { lines: laceLines(34), fallenOut: 0.6 }],
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

/** mm. A stretch of a line that is told of is hardly longer. */
const A_STRETCH_MM = 6

/** A photo as people take them: any lines, slant, light, sharpness, and any share of it hanging. */
const anyPhoto = (random: RandomSource): PhotoWish => {
  const within = (from: number, to: number) => from + (to - from) * random()
  const oneOf = <Of>(...all: readonly Of[]): Of => all[Math.floor(random() * all.length)]!
  return {
    lines: oneOf(leafLines(within(36, 48), within(26, 36)), laceLines(within(28, 36))),
    light: oneOf('behind', 'dark-ground'),
    side: oneOf('front', 'back'),
    hanging: oneOf(0.02, 0.15, 0.35, 0.6, 0.85),
    pixelsPerMm: within(4, 9),
    lean: [within(-25, 25), within(-25, 25)],
    kerfMm: within(0.1, 0.3),
    contrast: within(6, 60),
    blur: within(0.3, 2),
    grain: within(1, 9),
    uneven: within(0, 0.7),
    off: [within(-2.5, 2.5), within(-2.5, 2.5)],
    rotationDeg: within(-40, 40),
    handOver: random() < 0.3,
    fallenOut: oneOf(0, 0.5),
  }
}

describe('a photo that can hardly be read', () => {
  it.each([9])('is never told surely wrong: %d greys', async (contrast) => {
    const { photo, read } = await readOf({ ...leaf, light: 'dark-ground', contrast }, 6)
    if (read.read) expect(judged(photo, read.stretches).sureRight).toBeGreaterThan(0.98)
  })

  it('nor is one taken in any way', async () => {
    await fc.assert(
      fc.asyncProperty(fc.nat(), async (seed) => {
        const { photo, read } = await readOf(anyPhoto(seededRandom(seed)), seed)
        if (!read.read) return
        const { sureRight, sureWrongMm } = judged(photo, read.stretches)
        // Along a smooth line that hangs but for one stretch, where that one ends may be told by one too many.
        if (sureWrongMm > A_STRETCH_MM) expect(sureRight).toBeGreaterThan(0.97)
      }),
      { numRuns: asked(25, 2), endOnFailure: true },
    )
  })
})

describe('a photo that says nothing', () => {
  it.each<readonly [string, Partial<PhotoWish>]>([
    ['no-light', { hanging: 1 }],
    ['faint', { contrast: 14 }],
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
    const photo = closeUp(await photoOf({ ...leaf, lines: leafLines(44, 32), ...wish }, seededRandom(2)), 5, 8.5)
    // Nor need it be known where on the sheet the die lay.
    const read = readLook({ ...photo.asked, on: undefined })
    if (!read.read) throw new Error(read.why)
    const { right, sureRight } = judged(photo, read.stretches)
    expect(right).toBeGreaterThan(0.95)
    expect(sureRight).toBeGreaterThan(0.98)
  })
})
