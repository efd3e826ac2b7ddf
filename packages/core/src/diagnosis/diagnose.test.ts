import { describe, expect, it } from 'vitest'
import { lookPointedOut } from './pointed-out.js'
import { laidStretches } from '../outcomes/laid-stretches.js'
import { hangingOf, stretchesOf } from '../outcomes/stretches.js'
import { linesLaid } from '../placement/lines-laid.js'
import type { Round } from '../goals/looks.js'
import type { PlanRequest } from '../planner/plan.js'
import { askedCut, diagnosed, toldOf } from '../testing/diagnosing.js'
import { aDie } from '../testing/makers.js'
import type { Diagnosis } from './diagnose.js'
import type { CauseId } from './cause-ids.js'
import { MOST_QUESTIONS } from './constants.js'

/** What hangs wherever a place of the press is so, mm: x along the feed, y across. */
const hangingWhere = ({ cut }: PlanRequest, is: (x: number, y: number) => boolean): Round => {
  const { dies, press } = cut
  const { stretches, middles } = laidStretches(dies, linesLaid(dies, press.throatMm))
  const hangingAt = hangingOf(stretches, dies, (at) => is(middles[2 * at]!, middles[2 * at + 1]!))
  const look: Round = { passes: 2, seen: 'hanging', hangingShare: null, hangingPlace: null, feel: 'light' }
  return lookPointedOut(look, dies, press.throatMm, hangingAt)
}

const chanceOf = (diagnosis: Diagnosis, cause: CauseId): number =>
  diagnosis.causes.reduce((sum, { causes, chance }) => sum + (causes.includes(cause) ? chance : 0), 0)

const wide = askedCut({ dies: [aDie({ lengthMm: 60, widthMm: 130 })] })
const middleMm = wide.cut.press.throatMm / 2

describe('where it hung tells the cause', () => {
  it('along the middle: the middle is low, and a strip under it is what helps', () => {
    const look = hangingWhere(wide, (_x, y) => Math.abs(y - middleMm) < 22)
    const found = diagnosed(wide, [toldOf(wide, look)])
    expect(found.causes[0]!.causes).toContain('middle-low')
    expect(chanceOf(found, 'middle-low')).toBeGreaterThan(0.8)
    expect(found.remedies[0]!.id).toBe('centre-shim')
    // By that cause it would look as it does.
    const { hangs } = found.causes[0]!
    const stretches = stretchesOf(wide.cut.dies)
    expect(hangs).toHaveLength(stretches.length)
  })

  it('along one side: it reached over an edge, or the pad lifts there', () => {
    const found = diagnosed(wide, [
      toldOf(
        wide,
        hangingWhere(wide, (_x, y) => y > middleMm + 54),
      ),
    ])
    expect(chanceOf(found, 'off-centre') + chanceOf(found, 'pad-bowed')).toBeGreaterThan(0.9)
  })

  it('in one spot: the pad is scored there or the blade is blunt, which a question tells apart', () => {
    const spot = toldOf(
      wide,
      hangingWhere(wide, (x, y) => Math.hypot(x - 30, y - (middleMm - 62)) < 14),
    )
    const found = diagnosed(wide, [spot])
    expect(chanceOf(found, 'scored-spot') + chanceOf(found, 'blunt-stretch')).toBeGreaterThan(0.8)
    const scored = diagnosed(wide, [spot], { 'pad-scored-there': true })
    const clean = diagnosed(wide, [spot], { 'pad-scored-there': false, 'same-place-before': true })
    expect(chanceOf(scored, 'scored-spot')).toBeGreaterThan(chanceOf(found, 'scored-spot'))
    expect(chanceOf(clean, 'blunt-stretch')).toBeGreaterThan(0.6)
  })

  it('one die of two: that one is lower', () => {
    const two = askedCut({
      dies: [aDie({ id: 'one', lengthMm: 60, widthMm: 50 }), aDie({ id: 'two', lengthMm: 60, widthMm: 50 })],
    })
    const found = diagnosed(two, [
      toldOf(
        two,
        hangingWhere(two, (_x, y) => y > middleMm),
      ),
    ])
    expect(found.causes[0]!.causes).toContain('die-lower')
  })

  it('is told by its word too, less surely', () => {
    const word = diagnosed(wide, [toldOf(wide, { hangingPlace: 'middle', hangingShare: 0.3 })])
    const painted = diagnosed(wide, [
      toldOf(
        wide,
        hangingWhere(wide, (_x, y) => Math.abs(y - middleMm) < 22),
      ),
    ])
    expect(word.causes[0]!.causes).toContain('middle-low')
    expect(chanceOf(word, 'middle-low')).toBeLessThan(chanceOf(painted, 'middle-low'))
  })
})

describe('what is felt and seen of the whole', () => {
  const plain = askedCut()

  it('nothing cut at all: a layer is missing, or the die lies upside down', () => {
    const found = diagnosed(plain, [toldOf(plain, { seen: 'untouched', feel: 'free' })])
    expect(chanceOf(found, 'wrong-layer')).toBeGreaterThan(0.5)
    const turned = diagnosed(plain, [toldOf(plain, { seen: 'untouched', feel: 'free' })], { 'blades-away': true })
    expect(turned.causes[0]!.causes).toContain('die-upside-down')
    expect(turned.remedies[0]!.id).toBe('die-upside-down')
  })

  it('a handle that stopped: nothing is ever put in, and nothing may stop it again in over 1 of 100', () => {
    const stopped = toldOf(plain, { seen: 'untouched', feel: 'stopped' })
    const found = diagnosed(plain, [stopped])
    expect(chanceOf(found, 'wrong-layer')).toBeGreaterThan(0.5)
    expect(found.remedies.map(({ id }) => id)).not.toContain('tighter')
    expect(found.remedies.map(({ id }) => id)).not.toContain('centre-shim')
    expect(found.remedies.length).toBeGreaterThan(0)
    for (const { stops } of found.remedies) expect(stops).toBeLessThanOrEqual(0.01)
  })

  it('a stack that came out before speaks against what lasts', () => {
    const look = { seen: 'dented', feel: 'light' } as const
    const before = diagnosed(plain, [toldOf(plain, look)])
    const ids = toldOf(plain, look).stack.flatMap((layer) => (layer.is === 'plate' ? [layer.plate.id] : []))
    const after = diagnosed({ ...plain, workedBefore: [ids] }, [toldOf(plain, look)])
    expect(chanceOf(after, 'gap')).toBeLessThan(chanceOf(before, 'gap'))
  })

  it('after a change that did not help, what let go is put right with the stack of before', () => {
    const first = toldOf(plain, { seen: 'hanging', hangingShare: 0.3, feel: 'light' })
    const shim = plain.shelf.find(({ kind, thickness }) => kind === 'shim' && thickness.valueMm >= 0.2)!
    const tighter = [first.stack[0]!, { is: 'plate', plate: shim, role: 'shim' } as const, ...first.stack.slice(1)]
    const second = { ...toldOf(plain, { seen: 'dented', feel: 'light' }), stack: tighter, remedy: 'tighter' as const }
    const [best] = diagnosed(plain, [first, second], { 'second-line': true }).remedies
    expect(best).toMatchObject({ id: 'let-go', goesBack: true, stack: first.stack })
    expect(best!.chance).toBeGreaterThan(0.7)
  })

  it('what was tried in vain is thought less of', () => {
    const dented = toldOf(plain, { seen: 'dented', feel: 'free' })
    const first = diagnosed(plain, [dented])
    const again = diagnosed(plain, [dented, { ...dented, freshSheets: false, remedy: 'wrong-layer' }])
    expect(chanceOf(again, 'wrong-layer')).toBeLessThan(0.5 * chanceOf(first, 'wrong-layer'))
  })
})

describe('a diagnosis', () => {
  const plain = askedCut()
  const found = diagnosed(plain, [toldOf(plain, { seen: 'dented', feel: 'light' })])

  it('has chances that make one, likeliest first, and remedies best first', () => {
    expect(found.causes.reduce((sum, { chance }) => sum + chance, 0)).toBeCloseTo(1, 9)
    const chances = found.causes.map(({ chance }) => chance)
    expect(chances).toEqual([...chances].sort((a, b) => b - a))
    const gains = found.remedies.map(({ gain }) => gain)
    expect(gains).toEqual([...gains].sort((a, b) => b - a))
  })

  it('asks three questions at most, and none twice', () => {
    let answers = {}
    const asked = new Set<string>()
    for (let at = 0; at < MOST_QUESTIONS + 1; at++) {
      const { question } = diagnosed(plain, [toldOf(plain, { seen: 'dented', feel: 'light' })], answers)
      if (!question) break
      expect(asked).not.toContain(question.id)
      expect(question.gain).toBeGreaterThan(0)
      asked.add(question.id)
      // Nobody can tell: it is not asked again, and says nothing.
      answers = { ...answers, [question.id]: null }
    }
    expect(asked.size).toBeLessThanOrEqual(MOST_QUESTIONS)
    const silent = diagnosed(plain, [toldOf(plain, { seen: 'dented', feel: 'light' })], answers)
    expect(silent.causes[0]!.chance).toBeCloseTo(found.causes[0]!.chance, 9)
  })
})
