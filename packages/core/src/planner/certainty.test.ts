import { describe, expect, it } from 'vitest'
import type { Layer } from '../layers/layer.js'
import type { Plate } from '../layers/plate.js'
import { heightOf, type Stack } from '../layers/stack.js'
import { usuallyWanted } from '../goals/usually-wanted.js'
import type { SqueezeBand } from '../learning/told.js'
import { chanceBetween } from '../numerics/normal.js'
import { randomNormal, seededRandom } from '../numerics/random.js'
import { aCut, aDie, aKnownGood, aPlate, aPress, aSheet, plateLayer } from '../testing/makers.js'
import { measured } from '../units/measured.js'
import { certaintyOf } from './certainty.js'
import { ruleOfThumb } from '../goals/clean-cut/rule-of-thumb.js'

const platform = aPlate({ id: 'platform', kind: 'platform', thickness: measured(7, 'ruler') })
const pad = aPlate({ id: 'pad', thickness: measured(3, 'caliper') })
const mat = aPlate({ id: 'mat', kind: 'soft-mat', thickness: measured(3, 'table') })
const known = aKnownGood({ plates: [platform, pad, pad], dieHeight: measured(1, 'table') })
const cut = aCut({ press: aPress({ knownGood: [known] }) })
const stackOf = (...plates: Plate[]): Stack => {
  const job: Layer[] = [
    { is: 'sheets', sheet: aSheet(), count: 1 },
    { is: 'dies', dies: [aDie()], blade: 'down' },
  ]
  return [...plates.map((plate) => plateLayer(plate)), ...job]
}

/**
 * Share of draws that land in the window: the gap and every thickness are drawn anew, and each draw counts as much as the known stack may then
 * have had a squeeze that works.
 */
const sampled = (stack: Stack, draws: number): number => {
  const random = seededRandom(5)
  const window = ruleOfThumb.window(cut)
  const squeezeMm = heightOf(stack).valueMm - window.gapMm
  const spreads = new Map([platform, pad, mat].map((plate) => [plate.id, plate.thickness.spreadMm]))
  const knownMm = heightOf(stackOf(platform, pad, pad)).valueMm
  const [wanted] = usuallyWanted(known) as [SqueezeBand]
  let inside = 0
  let all = 0
  for (let draw = 0; draw < draws; draw++) {
    const errors = new Map([...spreads].map(([id, spread]) => [id, spread * randomNormal(random)]))
    const errorOf = (plates: readonly Plate[]) => plates.reduce((sum, plate) => sum + (errors.get(plate.id) ?? 0), 0)
    const inStack = stack.flatMap((layer) => (layer.is === 'plate' ? [layer.plate] : []))
    const gapMm = 14 + 0.35 * randomNormal(random)
    const knownSqueezeMm = knownMm + errorOf(known.plates) - gapMm
    const counts = chanceBetween(wanted.fromMm, wanted.toMm, knownSqueezeMm, Math.hypot(0.05, known.dieHeight.spreadMm))
    // One time differs from the next by 0.04 mm.
    const off = errorOf(inStack) + window.gapMm - gapMm + aDie().height.spreadMm * randomNormal(random)
    const trueMm = squeezeMm + off + 0.04 * randomNormal(random)
    all += counts
    if (trueMm >= window.lowMm && trueMm <= window.highMm) inside += counts
  }
  return inside / all
}

describe('how sure a stack is', () => {
  it.each([
    ['the known stack itself', [platform, pad, pad]],
    ['one piece swapped', [platform, pad, mat]],
    ['another build altogether', [pad, mat, mat, pad]],
  ])('agrees with drawing every thickness at random: %s', (_name, plates) => {
    const stack = stackOf(...plates)
    const window = ruleOfThumb.window(cut)
    const squeezeMm = heightOf(stack).valueMm - window.gapMm
    // 60 000 draws that count unequally leave a spread of about 0.004 in a share.
    expect(Math.abs(certaintyOf(stack, squeezeMm, window).chance - sampled(stack, 60_000))).toBeLessThan(0.02)
  })

  it('forgives the thickness of plates that the gap was found with', () => {
    const window = ruleOfThumb.window(cut)
    const sure = certaintyOf(stackOf(platform, pad, pad), 0.65, window)
    const unsure = certaintyOf(stackOf(pad, mat, mat, pad), 0.65, window)
    // A platform measured with a ruler is 0.3 mm in doubt, yet it stands on both sides of the sum.
    expect(sure.spreadMm).toBeLessThan(0.15)
    expect(unsure.spreadMm).toBeGreaterThan(0.3)
  })

  it('names the layer worth measuring', () => {
    const window = ruleOfThumb.window(aCut())
    const { worstLayer } = certaintyOf(stackOf(platform, pad, mat), 0.65, window)
    expect(worstLayer?.index).toBe(0)
    expect(worstLayer!.share).toBeGreaterThan(0.3)
  })
})
