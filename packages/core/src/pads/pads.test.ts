import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { lengthOf } from '../geometry/polyline.js'
import { hangingPlaces } from '../outcomes/round.js'
import { bedOf } from '../press/bed.js'
import { aDie, aPlate } from '../testing/makers.js'
import { type PadLie, padFaces, padLies, PLAIN_LIE } from './lie.js'
import { adviceOnPad, asWorn, bestLie, bowMmOf, densityUnder, passesLeft } from './pad-state.js'
import { type BorneRun, linesOnPad, wearOf, wearTogether } from './pad-wear.js'

const pad = { lengthMm: 240, widthMm: 150 }
const die = aDie({ lengthMm: 80, widthMm: 60 })
const lineMm = die.outline.lines.reduce((sum, line) => sum + lengthOf(line), 0)
const clean = { passes: 1, seen: 'clean', hangingShare: null, hangingPlace: null, feel: 'light' } as const
const borne = (more: Partial<BorneRun> = {}): BorneRun => ({
  role: 'bed',
  withHardPlate: false,
  lie: PLAIN_LIE,
  dies: [die],
  throatMm: 165,
  rounds: [clean],
  pieces: 1,
  ...more,
})
const lines = linesOnPad([die], 165, pad)

describe('what a pad has borne', () => {
  it('is every mm of cut, in its zones and in all, however it lies and however large the die', () => {
    const anyRun = fc.record({
      lie: fc.constantFrom(...padLies),
      passes: fc.integer({ min: 1, max: 6 }),
      hangs: fc.integer({ min: 0, max: 10 }),
      place: fc.constantFrom(...hangingPlaces, null),
      sizeMm: fc.integer({ min: 20, max: 300 }),
      pieces: fc.integer({ min: 1, max: 3 }),
    })
    fc.assert(
      fc.property(fc.array(anyRun, { maxLength: 6 }), (drawn) => {
        const runs = drawn.map(({ lie, passes, hangs, place, sizeMm, pieces }) =>
          borne({
            lie,
            pieces,
            dies: [aDie({ lengthMm: sizeMm, widthMm: sizeMm / 2 })],
            rounds: [
              {
                ...clean,
                passes,
                seen: hangs === 0 ? 'clean' : 'hanging',
                hangingShare: hangs / 10,
                hangingPlace: place,
              },
            ],
          }),
        )
        const wear = wearOf(pad, runs)
        const expected = runs.reduce((sum, run) => {
          const [round] = run.rounds
          const length = run.dies[0]!.outline.lines.reduce((all, line) => all + lengthOf(line), 0)
          const share = round!.seen === 'clean' ? 1 : 1 - round!.hangingShare!
          return sum + (length * round!.passes * share) / run.pieces
        }, 0)
        const inZones = padFaces.flatMap((face) => [...wear.faces[face].zonesMm]).reduce((sum, mm) => sum + mm, 0)
        expect(inZones).toBeCloseTo(expected, 6)
        expect(wear.faces.a.cutMm + wear.faces.b.cutMm).toBeCloseTo(expected, 6)
        // Counted run by run it is the same.
        const together = wearTogether(
          pad,
          runs.map((run) => wearOf(pad, [run])),
        )
        expect(together.bentPasses).toBeCloseTo(wear.bentPasses, 9)
        for (const face of padFaces) {
          expect(together.faces[face].passes).toBeCloseTo(wear.faces[face].passes, 9)
          together.faces[face].zonesMm.forEach((mm, zone) => expect(mm).toBeCloseTo(wear.faces[face].zonesMm[zone]!, 6))
        }
      }),
      { numRuns: 60 },
    )
  })

  it('is less where it was told to hang: at the ends, or in the middle', () => {
    const round = { ...clean, seen: 'hanging' as const, hangingShare: 0.2 }
    const wearWith = (hangingPlace: 'ends' | 'middle' | 'all-over') =>
      wearOf(pad, [borne({ rounds: [{ ...round, hangingPlace }] })])
    const [ends, middle, even] = [wearWith('ends'), wearWith('middle'), wearWith('all-over')]
    // The die lies 80 mm along the feed in the middle of 240: its ends are in the columns from 80 on and up to 160.
    const columnMm = ({ faces, columns }: typeof ends, column: number) =>
      [...faces.a.zonesMm].filter((_, zone) => zone % columns === column).reduce((sum, mm) => sum + mm, 0)
    expect(columnMm(ends, 8)).toBeLessThan(0.9 * columnMm(even, 8))
    expect(columnMm(ends, 12)).toBeGreaterThan(columnMm(even, 12))
    // A ring of line has only its two crossings in the middle of the throat.
    const rowMm = ({ faces, columns }: typeof ends, row: number) =>
      [...faces.a.zonesMm].slice(row * columns, (row + 1) * columns).reduce((sum, mm) => sum + mm, 0)
    expect(rowMm(middle, 7)).toBeLessThan(0.9 * rowMm(even, 7))
    expect(middle.faces.a.cutMm).toBeCloseTo(even.faces.a.cutMm, 6)
  })

  it('is nothing where the sheet was only dented, or the handle stopped', () => {
    for (const round of [
      { ...clean, seen: 'dented' as const },
      { ...clean, feel: 'stopped' as const },
    ])
      expect(wearOf(pad, [borne({ rounds: [round] })]).faces.a).toMatchObject({ passes: 1, cutMm: 0 })
  })

  it('is a bend but no cut on the die’s other side, and a harder bend beside a hard plate', () => {
    const soft = wearOf(pad, [borne({ role: 'partner' })])
    const hard = wearOf(pad, [borne({ role: 'partner', withHardPlate: true })])
    expect(soft.faces.a.cutMm).toBe(0)
    expect(bowMmOf(hard)).toBeGreaterThan(2 * bowMmOf(soft))
    const back = wearOf(pad, [
      borne({ role: 'partner' }),
      borne({ role: 'partner', lie: { face: 'b', turned: false } }),
    ])
    expect(bowMmOf(back)).toBe(0)
  })

  it('turned end for end lies the other way round', () => {
    const left = aDie({ outline: { source: 'drawing', lines: [[0, 0, 30, 0, 0, 20]] } })
    const [plain, turned] = [false, true].map(
      (turn) => wearOf(pad, [borne({ dies: [left], lie: { face: 'a', turned: turn } })]).faces.a.zonesMm,
    )
    expect([...turned!]).toEqual([...plain!].reverse())
    expect([...turned!]).not.toEqual([...plain!])
  })
})

describe('how a pad had best lie', () => {
  const worn = (lie: PadLie, times: number) =>
    wearOf(
      pad,
      Array.from({ length: times }, () => borne({ lie })),
    )

  it('keeps off a place that is scored', () => {
    const wear = worn({ face: 'a', turned: false }, 20)
    expect(densityUnder(wear, lines, PLAIN_LIE)).toBeGreaterThan(1)
    const { lie, state } = bestLie(wear, lines, ['fresh', 'fresh'])
    expect([lie.face, state]).toEqual(['b', 'fresh'])
  })

  it('spreads the wear: cut after cut as proposed, both faces and all ends get about as much', () => {
    const runs: BorneRun[] = []
    const counts = new Map<string, number>()
    for (let cut = 0; cut < 40; cut++) {
      const small = aDie({ outline: { source: 'drawing', lines: [[0, 0, 40, 0, 0, 25, 0, 0]] } })
      const wear = wearOf(pad, runs)
      const { lie } = bestLie(wear, linesOnPad([small], 165, pad), ['fresh', 'fresh'])
      counts.set(JSON.stringify(lie), (counts.get(JSON.stringify(lie)) ?? 0) + 1)
      runs.push(borne({ dies: [small], lie }))
    }
    expect(counts.size).toBe(4)
    for (const count of counts.values()) expect(count).toBeGreaterThanOrEqual(7)
    expect(Math.abs(bowMmOf(wearOf(pad, runs)))).toBeLessThan(0.05)
  })

  it('believes the eye where it says worse', () => {
    const { lie, state } = bestLie(worn(PLAIN_LIE, 0), lines, ['scored', 'lined'])
    expect([lie.face, state]).toEqual(['b', 'lined'])
  })
})

describe('what wear does to a plan', () => {
  const plate = aPlate()
  const both = (times: number) =>
    wearOf(
      pad,
      padLies.flatMap((lie) => Array.from({ length: times }, () => borne({ lie }))),
    )

  it('a fresh pad stays as it is', () => {
    const wear = wearOf(pad, [])
    expect(asWorn(plate, wear, lines)).toMatchObject({ thickness: plate.thickness, faces: ['fresh', 'fresh'] })
    expect([passesLeft(wear), adviceOnPad(wear, plate)]).toEqual([undefined, 'fresh'])
  })

  it('a pad scored all over gives the blade less to press against, and is less sure in its thickness', () => {
    const worn = asWorn(plate, both(20), lines)
    expect(worn.faces).toEqual(['scored', 'scored'])
    expect(bedOf(worn).indentStiffness).toBeLessThan(bedOf(plate).indentStiffness)
    expect(worn.thickness.spreadMm).toBeGreaterThan(plate.thickness.spreadMm)
    expect(worn.thickness.valueMm).toBe(plate.thickness.valueMm)
  })

  it('its life runs down to nothing, and then it is to be retired', () => {
    const left = [1, 2, 3, 4].map((times) => passesLeft(both(times))!)
    for (let at = 1; at < left.length; at++) expect(left[at]).toBeLessThan(left[at - 1]!)
    expect(adviceOnPad(both(40), plate)).toBe('retire')
    expect(adviceOnPad(both(1), { faces: ['scored', 'scored'] })).toBe('retire')
  })
})

it('several clean cuts in one place make a pad scored', () => {
  // Common practice, no source: "several clean cuts, then a scored pad needs extra squeeze or a fresh face".
  const after = (times: number) =>
    densityUnder(
      wearOf(
        pad,
        Array.from({ length: times }, () => borne()),
      ),
      lines,
      PLAIN_LIE,
    ) >= 0.8
  expect([after(3), after(20)]).toEqual([false, true])
  expect(lineMm).toBeGreaterThan(200)
})
