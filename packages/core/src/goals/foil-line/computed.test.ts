import { expect, it } from 'vitest'
import { aCut, aPlate } from '../../testing/makers.js'
import { PLAIN_LAYING } from '../laying.js'
import { foilLineComputed } from './computed.js'

const pad = aPlate({ id: 'pressing', kind: 'impression-pad', mm: 3, count: 1 })
const goal = foilLineComputed
const pressedAt = (squeezeMm: number) => {
  const { passes } = goal.makePasses(aCut(), goal.bedOfPlate(pad), squeezeMm, { least: 1, most: 1 })
  return passes[0] as Extract<(typeof passes)[number], { of: 'foil' }>
}

// k_m·u/(1 − u/h) + η·f_c·u/(u + t), with k_m 6, h 3, η 0.12, f_c 40 · 0.3 at the deepest, a little less than the squeeze: notes on pressing into mats.
it.each([0.2, 0.5, 1])('the line is pressed as hard as the ridge law says, at %f mm', (mm) => {
  const law = (6 * mm) / (1 - mm / 3) + (0.12 * 12 * mm) / (mm + 0.3)
  const { mostNPerMm } = pressedAt(mm)
  expect(mostNPerMm).toBeLessThan(law)
  expect(mostNPerMm).toBeGreaterThan(0.75 * law)
})

it('shows nothing, a broken line, an even one, a smudge, as the squeeze grows', () => {
  const seen = [0.1, 0.2, 0.3, 0.35, 0.4, 0.45, 0.5, 0.6, 0.8, 1.2, 1.6, 2, 2.3].map((mm) => pressedAt(mm).seen)
  expect([...new Set(seen)]).toEqual(seen.filter((each, at) => each !== seen[at - 1]))
  expect(seen[0]).toBe('nothing')
  expect(seen).toContain('even-line')
  expect(seen.at(-1)).toBe('smudged')
})

it('what was seen says whether it was looser or tighter', () => {
  const response = goal.respond(aCut(), goal.bedOfPlate(pad), PLAIN_LAYING)
  expect(response.goodFrom(1)).toBeLessThan(response.harmFrom(1)[0] as number)
  expect(pressedAt(response.goodFrom(1) + 0.1).seen).toBe('even-line')
})
