import { circleAt } from '../packages/core/src/geometry/polyline.js'
import { CreaseSimulation } from '../packages/core/src/press/mats/crease-simulation.js'
import { FolderSimulation } from '../packages/core/src/press/mats/folder-simulation.js'
import { ReliefSimulation } from '../packages/core/src/press/mats/relief-simulation.js'
import { factsOfPressClass } from '../packages/core/src/press/press-class.js'
import { thinDie } from '../packages/core/src/testing/shapes.js'
import { laceOf } from './lace.js'
import { medianMs, short } from './stopwatch.js'

const PASSES = 2

const twice = (run: { pass(): unknown }): void => {
  for (let pass = 0; pass < PASSES; pass++) run.pass()
}

/** Pressing into mats: a crease of lace, a raised shape and a folder, set up anew each time as a plan does. */
export const benchMats = async (): Promise<void> => {
  const press = factsOfPressClass('a4-hand')
  const middle = press.throatMm / 2
  const lace = thinDie(laceOf(100, press.throatMm))
  const mat = { thicknessMm: 1, modulusMPa: 2, ridgeStiffness: 3.2 }
  const sheet = { thicknessMm: 0.3, shearStrengthMPa: 40, yieldShare: 0.12, keptShare: 0.7, setPerPass: 0.65 }
  const crease = new CreaseSimulation(press, [lace])
  const creaseMs = await medianMs(20, () => {
    crease.start({ law: { mat, sheet }, softness: 0.12, squeezeMm: 0.6 })
    twice(crease)
  })
  console.log(`pressing into mats, ${PASSES} passes, standard grid, median`)
  console.log(`  crease of ${Math.round(crease.ridge.cells.totalMm)} mm of lace      ${short(creaseMs)} ms`)
  const laid = { lengthMm: 140, widthMm: 120, xMm: 70, yMm: middle }
  const relief = new ReliefSimulation(press, [circleAt(70, middle, 40, 0.01)], 0.7, laid)
  const reliefMs = await medianMs(20, () => {
    relief.start({
      mat: { thicknessMm: 3, modulusMPa: 2 },
      keptShare: 0.7,
      setPerPass: 0.65,
      softness: 0.05,
      squeezeMm: 0.9,
    })
    twice(relief)
  })
  console.log(`  shape over 120 × 140 mm       ${short(reliefMs)} ms`)
  const folder = new FolderSimulation(press, laid)
  const folderMs = await medianMs(20, () => {
    folder.start({
      folder: { thicknessMm: 2.2, modulusMPa: 30 },
      squeezeMm: 0.45,
      sheet: { thicknessMm: 0.3, shearStrengthMPa: 40 },
    })
    twice(folder)
  })
  console.log(`  folder over 120 × 140 mm      ${short(folderMs)} ms`)
  console.log(`  folder / crease               ${short(folderMs / creaseMs)}`)
}
