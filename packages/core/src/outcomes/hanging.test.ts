import { describe, expect, it } from 'vitest'
import { type Stretch, whereItHangs } from './hanging.js'

/** A grid of stretches over 100 × 60 mm, hanging where told. */
const sheet = (hangs: (x: number, y: number) => boolean): Stretch[] => {
  const stretches: Stretch[] = []
  for (let x = 1; x < 100; x += 2)
    for (let y = 1; y < 60; y += 2) stretches.push({ x, y, lengthMm: 1, hangs: hangs(x, y) })
  return stretches
}
const placeOf = (hangs: (x: number, y: number) => boolean) => whereItHangs(sheet(hangs))?.place

describe('where it hangs', () => {
  it.each([
    ['nowhere', () => false, undefined],
    ['the ends of the feed', (x: number) => x < 10 || x > 92, 'ends'],
    ['the middle of the throat', (_x: number, y: number) => y > 24 && y < 36, 'middle'],
    ['one side', (_x: number, y: number) => y > 44, 'one-side'],
    ['the other side', (_x: number, y: number) => y < 14, 'one-side'],
    ['one spot', (x: number, y: number) => x > 60 && x < 72 && y > 20 && y < 32, 'one-spot'],
    ['all over', (x: number, y: number) => (x + y) % 4 === 0, 'all-over'],
    ['everywhere', () => true, 'all-over'],
  ] as const)('%s', (_, hangs, place) => {
    expect(placeOf(hangs)).toBe(place)
  })

  it('says how much', () => {
    expect(whereItHangs(sheet((x) => x < 50))?.share).toBeCloseTo(0.5, 9)
  })
})
