import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { circleAt } from '../geometry/polyline.js'
import { beds, cardOn, laceAt, smallPress, stiffPress, thinDie, thinShape } from '../testing/shapes.js'
import { factsOfDieClass } from '../dies/classes/list.js'
import { strengthOfKind } from '../materials/sheet-kind.js'
import { CLEAN_CUT } from './constants.js'
import type { RollerFrame } from './mechanics.js'
import { type GridSize, layOnGrid, type PlacedDie, STANDARD_GRID } from './nip/contact-cells.js'
import { placeLines } from '../geometry/place-lines.js'
import { factsOfPressClass } from './press-class.js'
import { type Pressing, CutSimulation } from './cut-simulation.js'

const MOST_PASSES = 20

const runOf = (dies: readonly PlacedDie[], press: RollerFrame = smallPress, grid: GridSize = STANDARD_GRID) =>
  new CutSimulation(press, layOnGrid(dies, press.throatMm, undefined, grid))

/** Passes until clean, and the first pass; Infinity where it never gets clean. */
const press = (run: CutSimulation, pressing: Pressing) => {
  run.start(pressing)
  const first = run.pass()
  let passes = 1
  let last = first
  while (last.cutFraction < CLEAN_CUT && passes < MOST_PASSES) {
    last = run.pass()
    passes++
  }
  return { passes: last.cutFraction < CLEAN_CUT ? Infinity : passes, first, last }
}

const circle = (x = 60, y = 82.5) => thinDie([circleAt(x, y, 35, 0.0005)])

describe('the reference points of the press model', () => {
  // From an independent implementation: forces within 5 %, passes exactly.
  it.each([
    ['pad', 0.2, [1, 2, 2], [376, 668, 1036]],
    ['pad', 0.5, [1, 1, 2], [956, 1121, 1497]],
    ['steel', 0.35, [1, 1, 1], [1734, 1755, 1799]],
    ['mat', 0.35, [2, 4, 6], [263, 490, 749]],
  ] as const)('circle Ø 70 on %s, base %f', (bed, base, passes, forces) => {
    const run = runOf([circle()])
    ;[1, 2, 3].forEach((sheets, at) => {
      const met = press(run, cardOn(beds[bed], base, sheets))
      expect(met.passes).toBe(passes[at])
      expect(Math.abs(met.first.peakForceN / forces[at]! - 1)).toBeLessThan(0.005)
    })
  })
})

describe('a single straight blade', () => {
  it('parallel to the rollers takes length × thickness × shear strength (blanking rule, machinery handbooks)', () => {
    const blade = { lines: [[30.25, 50, 30.25, 110]], shape: { ...thinShape, bodyStripMm: 0 }, lowerMm: 0 }
    const run = runOf([blade], stiffPress)
    run.start({
      law: { sheetsMm: 0.3, shearStrengthMPa: 40, wedgeRatio: 0, indentStiffness: 1e7, squashModulusMPa: 0 },
      bedSoftness: 0,
      squeezeMm: 0.3,
    })
    expect(run.pass().peakForceN / (60 * 0.3 * 40)).toBeCloseTo(1, 3)
  })
})

describe('refining the grid', () => {
  it.each([
    ['a circle', [circle()]],
    ['lace', [thinDie(laceAt(60, 82.5, 80, 8, 3.5))]],
  ])('changes %s by little, and by less each time', (_, dies) => {
    const forceOn = (grid: GridSize) => {
      const run = runOf(dies, smallPress, grid)
      run.start(cardOn(beds.pad, 0.35, 1))
      return run.pass()
    }
    const [standard, fine, finest] = [STANDARD_GRID, { xMm: 0.25, yMm: 1.5 }, { xMm: 0.125, yMm: 0.75 }].map(forceOn)
    const gap = (a: number, b: number) => Math.abs(a / b - 1)
    expect(gap(standard!.peakForceN, finest!.peakForceN)).toBeLessThan(0.03)
    expect(gap(fine!.peakForceN, finest!.peakForceN)).toBeLessThan(
      gap(standard!.peakForceN, finest!.peakForceN) + 0.002,
    )
    expect(Math.abs(standard!.meanDepth - finest!.meanDepth)).toBeLessThan(0.01)
  })
})

// Common practice, no source: every fact below.
describe('what practitioners report', () => {
  it('on a soft mat one sheet takes 2 passes, two take 4, three at least 6', () => {
    const run = runOf([circle()])
    const passes = [1, 2, 3].map((sheets) => press(run, cardOn(beds.mat, 0.35, sheets)).passes)
    expect(passes[0]).toBe(2)
    expect(passes[1]).toBe(4)
    expect(passes[2]).toBeGreaterThanOrEqual(6)
    expect(passes[2]).toBeLessThanOrEqual(8)
  })

  it('lace cuts in one pass on a hard plate and takes two or three on a plastic pad', () => {
    const lace = runOf([thinDie(laceAt(70, 82.5, 90, 9, 3.6))])
    expect(press(lace, cardOn(beds.steel, 0.35)).passes).toBe(1)
    const onPad = press(lace, cardOn(beds.pad, 0.35)).passes
    expect(onPad).toBeGreaterThanOrEqual(2)
    expect(onPad).toBeLessThanOrEqual(3)
  })

  it('turning a die with long straight edges a few degrees lowers the peak', () => {
    const frame = [[20, 30, 20, 130, 100, 130, 100, 30, 20, 30]]
    const peakAt = (rotationDeg: number) => {
      const lines = placeLines(frame, { xMm: 60, yMm: 82.5, rotationDeg })
      return press(runOf([thinDie(lines)]), cardOn(beds.pad, 0.35)).first.peakForceN
    }
    expect(peakAt(5)).toBeLessThan(0.8 * peakAt(0))
    expect(peakAt(12)).toBeLessThan(peakAt(5))
  })

  it('foam under dense lace wants extra height: where card comes clean it never does, and a little more mends it', () => {
    const lace = runOf([thinDie(laceAt(60, 82.5, 90, 12, 3.4))])
    const foam = strengthOfKind('craft-foam')
    const foamAt = (base: number): Pressing => ({
      law: { sheetsMm: 2, wedgeRatio: 0.15, indentStiffness: 110, ...foam },
      bedSoftness: 0,
      squeezeMm: 2 + base,
    })
    expect(press(lace, cardOn(beds.pad, 0.1)).passes).toBe(4)
    expect(press(lace, foamAt(0.1)).passes).toBe(Infinity)
    expect(press(lace, foamAt(0.5)).passes).toBeLessThanOrEqual(3)
  })

  it('the middle of a wide dense die is the last to be cut, as the rollers bow', () => {
    const wide = factsOfPressClass('a4-hand')
    const holes: number[][] = []
    for (let x = 30; x <= 90; x += 9)
      for (let y = 14.5; y <= wide.throatMm - 14; y += 9) holes.push(circleAt(x, y, 3.8, 0.02))
    const cells = layOnGrid([thinDie(holes)], wide.throatMm)
    const run = new CutSimulation(wide, cells)
    run.start(cardOn(beds.pad, 0.3))
    run.pass()
    const depthAround = (y: number) => {
      const [from, to] = [y - 15, y + 15].map((edge) => Math.floor(edge / cells.grid.yMm))
      const depths = run.cut.subarray(cells.rowStart[from!], cells.rowStart[to!])
      return depths.reduce((sum, depth) => sum + depth, 0) / depths.length
    }
    expect(depthAround(wide.throatMm / 2)).toBeLessThan(depthAround(35) - 0.02)
    expect(depthAround(wide.throatMm / 2)).toBeLessThan(depthAround(wide.throatMm - 35) - 0.02)
  })

  it('twice the sheets take about twice the passes on a soft bed', () => {
    const run = runOf([circle()])
    const [one, two] = [1, 2].map((sheets) => press(run, cardOn(beds.mat, 0.3, sheets)).passes)
    expect(two! / one!).toBeGreaterThanOrEqual(1.5)
    expect(two! / one!).toBeLessThanOrEqual(2.5)
  })

  it('a large cased die cuts its five sheets of card on a pad', () => {
    const { bladeHeightMm, bodyStripMm } = factsOfDieClass('large-cased')
    const die = { lines: [circleAt(60, 82.5, 40, 0.01)], shape: { bladeHeightMm, bodyStripMm }, lowerMm: 0 }
    expect(press(runOf([die]), cardOn(beds.pad, 0.5, 5)).passes).toBeLessThanOrEqual(4)
  })
})

describe('properties', () => {
  const squeeze = fc.double({ min: 0.02, max: 0.7, noNaN: true })
  const quick: GridSize = { xMm: 1, yMm: 5 }
  const round = runOf([thinDie([circleAt(40, 70, 18, 0.05)])], smallPress, quick)

  it('more squeeze never cuts less, nor pushes less', () => {
    fc.assert(
      fc.property(squeeze, squeeze, fc.constantFrom(...Object.values(beds)), (a, b, bed) => {
        const at = (base: number) => {
          round.start(cardOn(bed, base, 2))
          return [round.pass(), round.pass()]
        }
        const [less, more] = [at(Math.min(a, b)), at(Math.max(a, b))]
        less.forEach((pass, which) => {
          expect(more[which]!.meanDepth).toBeGreaterThanOrEqual(pass.meanDepth - 1e-6)
          expect(more[which]!.cutFraction).toBeGreaterThanOrEqual(pass.cutFraction - 1e-9)
        })
        expect(more[0]!.peakForceN).toBeGreaterThanOrEqual(less[0]!.peakForceN - 1e-3)
      }),
      { numRuns: 60 },
    )
  })

  it('the force has no jumps as the squeeze grows', () => {
    let before = 0
    for (let base = 0.02; base < 0.8; base += 0.005) {
      round.start(cardOn(beds.pad, base, 1))
      const { peakForceN } = round.pass()
      if (before > 0) expect(peakForceN - before).toBeLessThan(60)
      before = peakForceN
    }
  })

  it('a die mirrored left to right gives the mirrored cut and the same force', () => {
    fc.assert(
      fc.property(squeeze, fc.double({ min: 25, max: 60, noNaN: true }), (base, y) => {
        // 165 mm are a whole number of 3 mm rows, so mirrored cells fall on cells.
        const shape = [20, y - 10, 45, y + 14, 30, y - 15, 20, y - 10]
        const mirrored = shape.map((value, at) => (at % 2 === 0 ? value : 165 - value))
        const [one, other] = [shape, mirrored].map((line) => {
          const run = runOf([thinDie([line])])
          run.start(cardOn(beds.pad, base, 1))
          return run.pass()
        })
        expect(other!.peakForceN).toBeCloseTo(one!.peakForceN, 3)
        expect(other!.meanDepth).toBeCloseTo(one!.meanDepth, 6)
      }),
      { numRuns: 25 },
    )
  })

  it('moving a die across an infinitely stiff press by whole rows changes nothing', () => {
    const at = (y: number) => {
      const run = runOf([thinDie([circleAt(40, y, 18, 0.05)])], stiffPress)
      run.start(cardOn(beds.pad, 0.3, 1))
      return run.pass()
    }
    const [middle, side] = [at(82.5), at(82.5 + 39)]
    expect(side.peakForceN).toBeCloseTo(middle.peakForceN, 6)
    expect(side.meanDepth).toBeCloseTo(middle.meanDepth, 9)
  })

  it('a lower die beside a taller one is pressed by so much less', () => {
    const low = { ...thinDie([circleAt(40, 120, 15, 0.05)]), lowerMm: 0.2 }
    const both = runOf([thinDie([circleAt(40, 45, 15, 0.05)]), low], stiffPress)
    both.start(cardOn(beds.pad, 0.3, 1))
    both.pass()
    const alone = runOf([thinDie([circleAt(40, 120, 15, 0.05)])], stiffPress)
    alone.start(cardOn(beds.pad, 0.1, 1))
    alone.pass()
    const ofLow = [...both.cut].filter((_, cell) => both.cells.die[cell] === 1)
    ofLow.forEach((depth, at) => expect(depth).toBeCloseTo(alone.cut[at]!, 6))
  })

  it('where a plate is missing nothing is touched', () => {
    const lines = [circleAt(40, 82.5, 25, 0.05)]
    const cells = layOnGrid([thinDie(lines)], 165, (_x, y) => (y > 82.5 ? -3 : 0))
    const run = new CutSimulation(smallPress, cells)
    run.start(cardOn(beds.pad, 0.35, 1))
    run.pass()
    for (let row = 0; row < cells.rows; row++)
      for (let cell = cells.rowStart[row]!; cell < cells.rowStart[row + 1]!; cell++)
        if ((row + 0.5) * 3 > 82.5) expect(run.cut[cell]).toBe(0)
        else expect(run.cut[cell]).toBeGreaterThan(0)
  })

  it('without squeeze nothing happens, and nothing breaks', () => {
    const run = runOf([circle()])
    run.start(cardOn(beds.pad, -0.5, 1))
    expect(run.pass()).toMatchObject({ status: 'solved', peakForceN: 0, cutFraction: 0, overcutMm: 0 })
    const empty = runOf([thinDie([])])
    empty.start(cardOn(beds.pad, 0.3, 1))
    expect(empty.pass()).toMatchObject({ status: 'solved', peakForceN: 0, cutFraction: 0 })
  })
})
