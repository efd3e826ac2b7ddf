import { describe, expect, it } from 'vitest'
import type { Layer } from '../layers/layer.js'
import type { Plate } from '../layers/plate.js'
import { heightOf, type Stack } from '../layers/stack.js'
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

/** Share of draws that land in the window: every thickness is drawn anew, and the gap is inferred from the same plates. */
const sampled = (stack: Stack, draws: number): number => {
  const random = seededRandom(5)
  const window = ruleOfThumb.window(cut)
  const squeezeMm = heightOf(stack).valueMm - window.gapMm
  // One known stack, its window of ± 0.15 mm taken as evenly likely.
  const vagueMm = 0.15 / Math.sqrt(3)
  const spreads = new Map([platform, pad, mat].map((plate) => [plate.id, plate.thickness.spreadMm]))
  let inside = 0
  for (let draw = 0; draw < draws; draw++) {
    const errors = new Map([...spreads].map(([id, spread]) => [id, spread * randomNormal(random)]))
    const errorOf = (plates: readonly Plate[]) => plates.reduce((sum, plate) => sum + (errors.get(plate.id) ?? 0), 0)
    const inStack = stack.flatMap((layer) => (layer.is === 'plate' ? [layer.plate] : []))
    const off =
      errorOf(inStack) +
      aDie().height.spreadMm * randomNormal(random) -
      errorOf(known.plates) -
      known.dieHeight.spreadMm * randomNormal(random) +
      vagueMm * randomNormal(random)
    if (squeezeMm + off >= window.lowMm && squeezeMm + off <= window.highMm) inside++
  }
  return inside / draws
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
    // 40 000 draws leave a spread of 0.0025 in a share.
    expect(Math.abs(certaintyOf(stack, squeezeMm, window).chance - sampled(stack, 40_000))).toBeLessThan(0.01)
  })

  it('forgives the thickness of plates that the gap was found with', () => {
    const window = ruleOfThumb.window(cut)
    const sure = certaintyOf(stackOf(platform, pad, pad), 0.65, window)
    const unsure = certaintyOf(stackOf(pad, mat, mat, pad), 0.65, window)
    // A platform measured with a ruler is 0.3 mm in doubt, yet it stands on both sides of the sum.
    expect(sure.spreadMm).toBeLessThan(0.12)
    expect(unsure.spreadMm).toBeGreaterThan(0.3)
  })

  it('names the layer worth measuring', () => {
    const window = ruleOfThumb.window(aCut())
    const { worstLayer } = certaintyOf(stackOf(platform, pad, mat), 0.65, window)
    expect(worstLayer?.index).toBe(0)
    expect(worstLayer!.share).toBeGreaterThan(0.3)
  })
})
