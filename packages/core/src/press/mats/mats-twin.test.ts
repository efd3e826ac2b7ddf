import { describe, expect, it } from 'vitest'
import { circleAt } from '../../geometry/polyline.js'
import { seededRandom } from '../../numerics/random.js'
import { smallPress, thinDie } from '../../testing/shapes.js'
import { type SlowCell, slowPassOver } from '../../testing/slow-contacts.js'
import { lineForce } from '../laws/blade.js'
import { formedAt } from '../laws/folder-contact.js'
import { areaPressure } from '../laws/mat.js'
import { keptAfter, ridgeForce, severingForce, tipForce } from '../laws/ridge.js'
import type { AreaCells } from '../nip/area-cells.js'
import type { ContactCells } from '../nip/contact-cells.js'
import { CreaseSimulation } from './crease-simulation.js'
import { FolderSimulation } from './folder-simulation.js'
import { ReliefSimulation } from './relief-simulation.js'
import { FORMING_PER_PASS } from '../constants.js'

const REACH = 9
const rowOf = (cells: { readonly rowStart: Int32Array }, cell: number): number =>
  cells.rowStart.findIndex((start, row) => start <= cell && cell < cells.rowStart[row + 1]!)
const each = (cells: { readonly column: Int32Array }) => Array.from(cells.column, (_, cell) => cell)
const ofLine = (cells: ContactCells, force: (cell: number, u: number) => number): SlowCell[] =>
  each(cells).map((cell) => ({
    column: cells.column[cell]!,
    row: rowOf(cells, cell),
    offsetMm: cells.offsetMm[cell]!,
    force: (u) => (cells.lengthMm[cell]! / cells.grid.yMm) * force(cell, u),
  }))
const ofArea = (cells: AreaCells, pressure: (u: number) => number): SlowCell[] =>
  each(cells).map((cell) => ({
    column: cells.column[cell]!,
    row: rowOf(cells, cell),
    offsetMm: cells.offsetMm[cell]!,
    force: (u) => cells.share[cell]! * cells.grid.xMm * pressure(u),
  }))
const random = seededRandom(5)
const between = (from: number, to: number) => from + random() * (to - from)
const near = (one: number, other: number) =>
  expect(Math.abs(one - other)).toBeLessThan(1e-4 * Math.max(1, Math.abs(other)))

describe('the slow twin of pressing into mats', () => {
  it.each([0.2, 0.6, 1])('creases as the fast one, at about %f', (about) => {
    const dies = [thinDie([circleAt(20, 60, 9, 0.01)]), { ...thinDie([circleAt(24, 100, 7, 0.01)]), lowerMm: 0.1 }]
    const law = {
      mat: { thicknessMm: 1, modulusMPa: 2, ridgeStiffness: between(2.5, 4) },
      sheet: { thicknessMm: 0.3, shearStrengthMPa: 40, yieldShare: 0.12, keptShare: 0.7, setPerPass: 0.65 },
    }
    const stack = { softness: 0.12, squeezeMm: about + between(0, 0.1) }
    const run = new CreaseSimulation(smallPress, dies)
    run.start({ law, ...stack })
    const fast = run.pass()
    const { cells } = run.ridge
    const shape = (cell: number) => cells.shapes[cells.die[cell]!]!
    const kept = new Float64Array(cells.column.length)
    const strain = new Float64Array(cells.column.length)
    const slow = slowPassOver(
      smallPress,
      cells.grid,
      cells.rows,
      ofLine(cells, (cell, u) => ridgeForce(law, shape(cell), u)),
      stack,
      REACH,
      (cell, u) => {
        kept[cell] = keptAfter(0, 0.7 * Math.max(0, Math.min(u, shape(cell).bladeHeightMm)), 0.65)
        strain[cell] = Math.max(0, tipForce(law, u) / severingForce(law.sheet))
      },
    )
    expect(fast.status).toBe('solved')
    expect(fast.steps).toBeGreaterThan(0)
    expect(slow.steps).toBeGreaterThan(fast.stations / 2)
    near(fast.peakForceN, slow.peakForceN)
    kept.forEach((mm, cell) => near(run.ridge.keptMm[cell]!, mm))
    strain.forEach((share, cell) => near(run.ridge.strain[cell]!, share))
  })

  it('raises a shape as the fast one', () => {
    const mat = { thicknessMm: 3, modulusMPa: between(1.5, 2.5) }
    const stack = { softness: 0.05, squeezeMm: between(0.6, 1) }
    const run = new ReliefSimulation(smallPress, [circleAt(20, 80, 8, 0.01)], 0.7, {
      lengthMm: 30,
      widthMm: 40,
      xMm: 20,
      yMm: 80,
    })
    run.start({ mat, keptShare: 0.7, setPerPass: 0.65, ...stack })
    const fast = run.pass()
    const line = run.relief.cells
    const areas = run.areas.flatMap((cells) => ofArea(cells, (u) => areaPressure(mat, u)))
    const kept = new Float64Array(line.column.length)
    const slow = slowPassOver(
      smallPress,
      line.grid,
      line.rows,
      [...areas, ...ofLine(line, () => 0)],
      stack,
      REACH,
      (at, u) => {
        if (at >= areas.length) kept[at - areas.length] = keptAfter(0, 0.7 * Math.max(0, Math.min(u, 0.7)), 0.65)
      },
    )
    expect(fast.steps).toBeGreaterThan(0)
    near(fast.peakForceN, slow.peakForceN)
    kept.forEach((mm, cell) => near(run.relief.keptMm[cell]!, mm))
  })

  it('forms and cuts in a folder as the fast one, area and line at once', () => {
    const folder = { thicknessMm: 2.2, modulusMPa: 30 }
    const squeezeMm = between(0.3, 0.5)
    const run = new FolderSimulation(smallPress, { lengthMm: 24, widthMm: 60, xMm: 12, yMm: 80 }, [
      circleAt(12, 80, 8, 0.01),
    ])
    run.start({ folder, squeezeMm, sheet: { thicknessMm: 0.3, shearStrengthMPa: 40 } })
    const fast = run.pass()
    const law = { sheetsMm: 0.3, shearStrengthMPa: 40, wedgeRatio: 0.15, indentStiffness: 110, squashModulusMPa: 0 }
    const flat = { bladeHeightMm: Infinity, bodyStripMm: 0 }
    const area = ofArea(run.area.cells, (u) => areaPressure(folder, u))
    const line = ofLine(run.lineCells, (_, u) => lineForce(law, flat, u, 0))
    const formed = new Float64Array(area.length)
    const slow = slowPassOver(
      smallPress,
      run.area.cells.grid,
      run.area.cells.rows,
      [...area, ...line],
      { softness: 0, squeezeMm },
      REACH,
      (at, u) => {
        if (at < area.length) formed[at] = keptAfter(0, formedAt(areaPressure(folder, u)), FORMING_PER_PASS)
      },
    )
    expect(fast.steps).toBeGreaterThan(0)
    near(fast.peakForceN, slow.peakForceN)
    formed.forEach((share, cell) => near(run.area.formed[cell]!, share))
  })
})
