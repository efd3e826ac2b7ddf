import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { circleAt, isClosed, lengthOf } from '../geometry/polyline.js'
import { boxAround } from '../geometry/box.js'
import { among, aPlacement, aRun, dieOfLines, letters } from '../testing/placed.js'
import { cutOfRun } from './cut-of-run.js'
import type { EdgeLine, LaidDie } from './placed-run.js'
import { readPlacement } from './read-placement.js'
import { setInRow } from './set-in-row.js'

const CALIPER_MM = 0.3
const level = (yMm: number): EdgeLine => ({ xMm: 0, yMm, angleDeg: 0, presses: 'above' })
const dies = among([...Object.values(letters), dieOfLines('round', [circleAt(0, 0, 20, 0.01)])])
const laid = (dieId: string, xMm: number, yMm: number, rotationDeg = 0): LaidDie => ({
  id: `${dieId} ${xMm}`,
  dieId,
  xMm,
  yMm,
  rotationDeg,
})
const codes = (placement: Parameters<typeof readPlacement>[0]) =>
  readPlacement(placement, dies, CALIPER_MM).findings.map(({ code }) => code)

/** A word of three letters whose feet reach 2 mm over a line at y = 40 on a 100 × 80 card. */
const word = () => {
  const set = [letters.bar, letters.box, letters.arch]
  const poses = setInRow(set, { fromMm: 20, toMm: 80, lineMm: 40, overlapMm: 2 })!
  return aPlacement({
    runs: [
      aRun({
        region: 'to-line',
        line: level(40),
        dies: set.map((die, at) => ({ id: die.id, dieId: die.id, ...poses[at]! })),
      }),
    ],
  })
}

describe('an edge partial', () => {
  it('cuts each letter down to the line and leaves its foot', () => {
    const { runs } = readPlacement(word(), dies, CALIPER_MM)
    const [bar, box, arch] = runs[0]!.dies
    // Bar: 5 × 18, of which 16 are above the line: top and two sides.
    expect(bar!.cutMm).toBeCloseTo(5 + 2 * 16, 6)
    expect(bar!.leftMm).toBeCloseTo(5 + 2 * 2, 6)
    expect(bar!.hinges.map((hinge) => hinge.widthMm)).toEqual([expect.closeTo(5, 6)])
    expect(box!.cutMm).toBeCloseTo(14 + 2 * 16 + 24, 6)
    // Two legs: two hinges, as wide as the legs.
    expect(arch!.hinges.map((hinge) => hinge.widthMm).sort()).toEqual([expect.closeTo(5, 6), expect.closeTo(5, 6)])
    expect(bar!.overLineMm).toBeCloseTo(2, 6)
  })

  it('says that the whole word stays where it is: nothing falls out but the counter', () => {
    const { pieces } = readPlacement(word(), dies, CALIPER_MM)
    expect(pieces.map((piece) => piece.is)).toEqual(['card', 'opening'])
    expect(pieces[1]!.areaMm2).toBeCloseTo(36, 0)
  })

  it('plans the ruler cuts between the letters, and no more, to free what is above the line', () => {
    const placement = { ...word(), waste: [{ xMm: 3, yMm: 3 }] }
    const { knife, pieces } = readPlacement(placement, dies, CALIPER_MM)
    // Along the line from edge to edge but for the letters; what stands between the arch's legs hangs on the card below.
    expect(knife.frees).toBe(true)
    expect(knife.cuts.every((cut) => cut.how === 'straight')).toBe(true)
    expect(knife.totalMm).toBeCloseTo(100 - 5 - 14 - 14, 3)
    for (const cut of knife.cuts)
      expect(cut.line.filter((_, at) => at % 2 === 1).every((y) => Math.abs(y - 40) < 1e-6)).toBe(true)
    const waste = pieces.filter((piece) => piece.is === 'waste')
    expect(waste).toHaveLength(1)
    expect(Math.abs(waste[0]!.areaMm2 - (100 * 40 - (5 + 14 + 14) * 16))).toBeLessThan(4)
  })

  it('tells plainly when nothing is left attached, and when nothing is cut', () => {
    const at = (yMm: number) =>
      aPlacement({ runs: [aRun({ region: 'to-line', line: level(40), dies: [laid('bar', 50, yMm)] })] })
    expect(codes(at(25))).toContain('nothing-attached')
    expect(codes(at(60))).toContain('nothing-cut')
    expect(codes(at(33))).not.toContain('nothing-attached')
    // Half off the card, and all else pressed: it falls out at the edge.
    expect(codes(at(2))).toContain('nothing-attached')
  })

  it('warns of a counter that straddles the line, of little overlap and of a hinge too narrow', () => {
    const straddling = aPlacement({ runs: [aRun({ region: 'to-line', line: level(40), dies: [laid('box', 50, 42)] })] })
    expect(codes(straddling)).toContain('inner-shape-attached')
    const barely = aPlacement({ runs: [aRun({ region: 'to-line', line: level(40), dies: [laid('bar', 50, 31.5)] })] })
    expect(codes(barely)).toContain('little-overlap')
    const tip = aPlacement({ runs: [aRun({ region: 'to-line', line: level(40), dies: [laid('round', 50, 20.01)] })] })
    expect(codes(tip)).toContain('hinge-narrow')
  })
})

describe('whatever the die, line and turn', () => {
  it('what is cut, left and off the card make up the die’s lines, and nothing is in two', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -20, max: 120, noNaN: true }),
        fc.double({ min: -20, max: 100, noNaN: true }),
        fc.double({ min: 0, max: 360, noNaN: true }),
        fc.double({ min: 0, max: 360, noNaN: true }),
        fc.constantFrom('above', 'below'),
        fc.constantFrom('bar', 'box', 'arch', 'round'),
        (xMm, yMm, rotationDeg, angleDeg, presses, dieId) => {
          const run = aRun({
            region: 'to-line',
            line: { xMm: 50, yMm: 40, angleDeg, presses: presses as 'above' },
            dies: [laid(dieId, xMm, yMm, rotationDeg)],
          })
          const [cut] = cutOfRun(run, aPlacement().card, dies).dies
          const all = cut!.lines.reduce((sum, line) => sum + lengthOf(line), 0)
          expect(cut!.cutMm + cut!.leftMm + cut!.offMm).toBeCloseTo(all, 6)
          // No stretch that is cut lies on the far side of the line, none that is left on the near side.
          const along = (angleDeg * Math.PI) / 180
          const side = (x: number, y: number) =>
            ((x - 50) * Math.sin(along) - (y - 40) * Math.cos(along)) * (presses === 'above' ? 1 : -1)
          for (const line of cut!.cut)
            for (let at = 0; at < line.length; at += 2) expect(side(line[at]!, line[at + 1]!)).toBeGreaterThan(-1e-6)
          for (const line of cut!.left)
            for (let at = 0; at < line.length; at += 2) expect(side(line[at]!, line[at + 1]!)).toBeLessThan(1e-6)
        },
      ),
    )
  })

  it('the knife plan frees exactly the waste: no piece of waste is kept, nothing kept comes away', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 12, max: 88, noNaN: true }), { minLength: 1, maxLength: 4 }),
        fc.double({ min: 1, max: 6, noNaN: true }),
        (centres, overMm) => {
          const placement = aPlacement({
            runs: [
              aRun({
                region: 'to-line',
                line: level(40),
                dies: centres.map((xMm) => laid('arch', xMm, 40 + overMm - 9)),
              }),
            ],
            waste: [{ xMm: 0.5, yMm: 0.5 }],
            keep: [{ xMm: 50, yMm: 79 }],
          })
          const { knife, pieces } = readPlacement(placement, dies, CALIPER_MM)
          expect(knife.frees).toBe(true)
          const waste = pieces.find((piece) => piece.is === 'waste')!
          const own = pieces.find((piece) => piece.is === 'card')!
          expect(waste).toBeDefined()
          // Nothing is lost but the kerfs.
          const total = pieces.reduce((sum, piece) => sum + piece.areaMm2, 0)
          expect(Math.abs(total - 8000)).toBeLessThan(12)
          expect(boxAround([waste.outer])!.toY).toBeLessThan(40.1)
          expect(own.areaMm2).toBeGreaterThan(4000 - 12)
        },
      ),
      // Two arches whose ends stand a fiftieth of a millimetre apart.
      { numRuns: 40, examples: [[[26.02005, 12], 1]] },
    )
  })
})

describe('a press block', () => {
  const block = (xMm: number, yMm: number, widthMm: number, heightMm: number) =>
    aPlacement({
      runs: [
        aRun({
          region: 'under-block',
          dies: [laid('round', 50, 40)],
          blocks: [
            {
              id: 'b',
              xMm,
              yMm,
              rotationDeg: 0,
              widthMm,
              heightMm,
              outline: null,
              material: { is: 'plate', plateId: 'p' },
            },
          ],
        }),
      ],
    })

  it('cuts a corner aperture: only the quarter of a ring that lies under it', () => {
    const { runs } = readPlacement(block(65, 25, 30, 30), dies, CALIPER_MM)
    expect(runs[0]!.dies[0]!.cutMm).toBeCloseTo((2 * Math.PI * 20) / 4, 1)
    // The quarter's chord is the hinge: √2 × 20.
    expect(runs[0]!.dies[0]!.hinges[0]!.widthMm).toBeCloseTo(Math.SQRT2 * 20, 2)
  })

  it('frees the quarter by a cut along its chord where that is to come away', () => {
    const placement = { ...block(65, 25, 30, 30), waste: [{ xMm: 61.5, yMm: 28.5 }], keep: [{ xMm: 2, yMm: 2 }] }
    const { knife } = readPlacement(placement, dies, CALIPER_MM)
    expect(knife.frees).toBe(true)
    expect(knife.totalMm).toBeCloseTo(Math.SQRT2 * 20, 1)
  })
})

describe('folds', () => {
  const folded = { widthMm: 100, heightMm: 80, fold: { runs: 'upright' as const, atMm: 50 } }

  it('a half-shape that stops short of the crease leaves it whole; one laid over it takes that much of it away', () => {
    const at = (xMm: number) =>
      aPlacement({ card: folded, runs: [aRun({ goesIn: 'folded', dies: [laid('round', xMm, 40)] })] })
    const clear = readPlacement(at(75), dies, CALIPER_MM)
    expect(clear.crease!.leftMm).toBeCloseTo(80, 6)
    const over = readPlacement(at(58), dies, CALIPER_MM)
    // A chord 8 mm from the middle of a circle of radius 20.
    expect(over.crease!.ofMm - over.crease!.leftMm).toBeCloseTo(2 * Math.sqrt(400 - 64), 1)
    expect(codes(at(71))).toContain('cut-near-crease')
  })

  it('both thicknesses are cut where the card goes in folded', () => {
    const once = aPlacement({ card: folded, runs: [aRun({ dies: [laid('round', 75, 40)] })] })
    const twice = aPlacement({ card: folded, runs: [aRun({ goesIn: 'folded', dies: [laid('round', 75, 40)] })] })
    const [one, two] = [once, twice].map((each) => readPlacement(each, dies, CALIPER_MM))
    expect(two!.cutMm).toBeCloseTo(2 * one!.cutMm, 6)
    expect(codes(once)).toContain('open-the-card')
    expect(codes(twice)).toContain('two-thicknesses')
  })
})

it('several runs add up: two half rings from either side cut the whole', () => {
  const half = (presses: 'above' | 'below', id: string) =>
    aRun({ id, region: 'to-line', line: { ...level(40), presses }, dies: [laid('round', 50, 40)] })
  const reading = readPlacement(aPlacement({ runs: [half('above', 'a'), half('below', 'b')] }), dies, CALIPER_MM)
  expect(reading.cutMm).toBeCloseTo(2 * Math.PI * 20, 1)
  expect(reading.pieces.map((piece) => piece.is)).toEqual(['card', 'loose'])
  expect(reading.findings.map(({ code }) => code)).toContain('piece-falls-out')
  expect(reading.runs.flatMap(({ dies: cut }) => cut.flatMap((die) => die.lines)).every(isClosed)).toBe(true)
})
