import { describe, expect, it } from 'vitest'
import { circleAt } from '../../geometry/polyline.js'
import { smallPress, thinDie } from '../../testing/shapes.js'
import { CreaseSimulation } from './crease-simulation.js'
import { FolderSimulation } from './folder-simulation.js'
import { ReliefSimulation } from './relief-simulation.js'

const thin = { thicknessMm: 1, modulusMPa: 2, ridgeStiffness: 3.2 }
const thick = { thicknessMm: 3, modulusMPa: 2 }
const card = { thicknessMm: 0.3, shearStrengthMPa: 40, yieldShare: 0.12, keptShare: 0.7, setPerPass: 0.65 }
const circle = thinDie([circleAt(60, 82.5, 35, 0.0005)])

// From an independent implementation: forces within 5 %, kept depths within 0.01 mm, shares within 0.03.
describe('the reference points of pressing into mats', () => {
  it.each([
    [0.3, 39, 0.113, 0.152, 0, 0],
    [0.5, 80, 0.189, 0.256, 0, 0],
    [0.7, 140, 0.261, 0.352, 0, 0],
    [0.9, 239, 0.273, 0.369, 1, 0],
    [1.1, 389, 0.273, 0.369, 1, 1],
  ])('crease of a circle Ø 70 at %f', (squeezeMm, forceN, once, twice, through, mat) => {
    const run = new CreaseSimulation(smallPress, [circle])
    run.start({ law: { mat: thin, sheet: card }, softness: 0.12, squeezeMm })
    const first = run.pass()
    expect(first.status).toBe('solved')
    expect(Math.abs(first.peakForceN / forceN - 1)).toBeLessThan(0.015)
    expect(Math.abs(first.keptMm - once)).toBeLessThan(0.002)
    expect(Math.abs(first.cutThroughShare - through)).toBeLessThan(0.01)
    expect(Math.abs(first.matCutShare - mat)).toBeLessThan(0.01)
    expect(Math.abs(run.pass().keptMm - twice)).toBeLessThan(0.002)
  })

  it.each([
    [0.6, 0.4, 44, 0.24],
    [0.6, 0.8, 154, 0.369],
    [0.6, 1.2, 381, 0.369],
    [0.9, 0.4, 44, 0.24],
    [0.9, 0.8, 138, 0.475],
    [0.9, 1.2, 311, 0.553],
  ])('disc Ø 50, %f high, at %f', (heightMm, squeezeMm, forceN, twice) => {
    const mat = { lengthMm: 130, widthMm: 120, xMm: 65, yMm: 82.5 }
    const run = new ReliefSimulation(smallPress, [circleAt(65, 82.5, 25, 0.0005)], heightMm, mat)
    run.start({ mat: thick, keptShare: 0.7, setPerPass: 0.65, softness: 0.05, squeezeMm })
    const first = run.pass()
    expect(first.status).toBe('solved')
    expect(Math.abs(first.peakForceN / forceN - 1)).toBeLessThan(0.015)
    expect(Math.abs(run.pass().keptMm - twice)).toBeLessThan(0.003)
  })

  it.each([
    [0.2, 408, 0.72],
    [0.45, 1168, 0.87],
    [0.8, 2437, 0.9],
  ])('folder at %f', (squeezeMm, forceN, least) => {
    const run = new FolderSimulation(smallPress, { lengthMm: 140, widthMm: 114, xMm: 70, yMm: 82.5 })
    run.start({
      folder: { thicknessMm: 2.2, modulusMPa: 30 },
      squeezeMm,
      sheet: { thicknessMm: 0.3, shearStrengthMPa: 40 },
    })
    const first = run.pass()
    expect(first.status).toBe('solved')
    expect(Math.abs(first.peakForceN / forceN - 1)).toBeLessThan(0.015)
    expect(Math.abs(first.leastFormedShare - least)).toBeLessThan(0.01)
  })
})
