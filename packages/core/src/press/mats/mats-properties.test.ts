import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { transformed } from '../../geometry/affine.js'
import { circleAt, type Polyline } from '../../geometry/polyline.js'
import { acrossY } from '../../geometry/reflect.js'
import { smallPress, thinDie } from '../../testing/shapes.js'
import { layArea, rectangle } from '../nip/area-cells.js'
import { CreaseSimulation } from './crease-simulation.js'
import { FolderSimulation } from './folder-simulation.js'
import { ReliefSimulation } from './relief-simulation.js'

const mat = { thicknessMm: 1, modulusMPa: 2, ridgeStiffness: 3.2 }
const sheet = { thicknessMm: 0.3, shearStrengthMPa: 40, yieldShare: 0.12, keptShare: 0.7, setPerPass: 0.65 }
const NO_LESS = -1e-9

const crease = (squeezeMm: number, run = new CreaseSimulation(smallPress, [thinDie([circleAt(20, 80, 9, 0.01)])])) => {
  run.start({ law: { mat, sheet }, softness: 0.12, squeezeMm })
  run.pass()
  return { kept: [...run.ridge.keptMm], strain: [...run.ridge.strain] }
}

const laid = { lengthMm: 30, widthMm: 40, xMm: 20, yMm: 80 }
const star: Polyline = [8, 70, 32, 74, 30, 88, 20, 78, 10, 92, 8, 70]
const relief = (loops: readonly Polyline[], squeezeMm: number, yMm = laid.yMm) => {
  const run = new ReliefSimulation(smallPress, loops, 0.7, { ...laid, yMm })
  run.start({ mat: { thicknessMm: 3, modulusMPa: 2 }, keptShare: 0.7, setPerPass: 0.65, softness: 0.05, squeezeMm })
  const { peakForceN, keptMm } = run.pass()
  return { peakForceN, keptMm, kept: [...run.relief.keptMm], areas: run.areas }
}

const formed = (squeezeMm: number) => {
  const run = new FolderSimulation(smallPress, { lengthMm: 24, widthMm: 60, xMm: 12, yMm: 80 })
  run.start({ folder: { thicknessMm: 2.2, modulusMPa: 30 }, squeezeMm, sheet })
  return run.pass().formedShare
}

const squeeze = fc.double({ min: 0.05, max: 1.1, noNaN: true })

describe('more squeeze', () => {
  it('never keeps less of a crease, nor strains it less, anywhere along the line', () => {
    fc.assert(
      fc.property(squeeze, squeeze, (a, b) => {
        const [loose, tight] = [crease(Math.min(a, b)), crease(Math.max(a, b))]
        tight.kept.forEach((mm, cell) => expect(mm - loose.kept[cell]!).toBeGreaterThanOrEqual(NO_LESS))
        tight.strain.forEach((share, cell) => expect(share - loose.strain[cell]!).toBeGreaterThanOrEqual(NO_LESS))
      }),
      { numRuns: 12 },
    )
  })

  it('never raises a shape less, nor forms less of a folder', () => {
    fc.assert(
      fc.property(squeeze, squeeze, (a, b) => {
        const [loose, tight] = [relief([star], Math.min(a, b)), relief([star], Math.max(a, b))]
        tight.kept.forEach((mm, cell) => expect(mm - loose.kept[cell]!).toBeGreaterThanOrEqual(NO_LESS))
        expect(formed(Math.max(a, b)) - formed(Math.min(a, b))).toBeGreaterThanOrEqual(NO_LESS)
      }),
      { numRuns: 8 },
    )
  })
})

describe('one pass more', () => {
  it('never takes a crease back', () => {
    const run = new CreaseSimulation(smallPress, [thinDie([circleAt(20, 80, 9, 0.01)])])
    const once = crease(0.5, run).kept
    run.pass()
    run.ridge.keptMm.forEach((mm, cell) => expect(mm - once[cell]!).toBeGreaterThanOrEqual(NO_LESS))
  })
})

describe('a shape in its mat', () => {
  const mirrored = (loop: Polyline): Polyline => transformed(loop, acrossY(smallPress.throatMm / 2))

  it('presses alike when it is mirrored, and twice mirrored is itself', () => {
    const straight = relief([star], 0.8)
    const once = relief([mirrored(star)], 0.8, smallPress.throatMm - laid.yMm)
    expect(once.peakForceN / straight.peakForceN).toBeCloseTo(1, 2)
    expect(once.keptMm).toBeCloseTo(straight.keptMm, 2)
    mirrored(mirrored(star)).forEach((mm, at) => expect(mm).toBeCloseTo(star[at]!, 9))
  })

  it('covers, with what surrounds it, just the mat', () => {
    const { areas } = relief([star], 0.5)
    const sum = areas.reduce((area, { areaMm2 }) => area + areaMm2, 0)
    const { grid } = areas[0]!
    const whole = layArea([rectangle(laid.xMm, laid.yMm, laid.lengthMm, laid.widthMm)], smallPress.throatMm, grid)
    expect(sum).toBeCloseTo(whole.areaMm2, 9)
    // An edge across the feed is known to a 32nd of a row.
    expect(Math.abs(sum - laid.lengthMm * laid.widthMm)).toBeLessThan((laid.lengthMm * grid.yMm) / 32)
  })
})
