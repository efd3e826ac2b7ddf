import { layOnGrid } from '../packages/core/src/press/nip/contact-cells.js'
import { factsOfPressClass } from '../packages/core/src/press/press-class.js'
import { type Pressing, CutSimulation } from '../packages/core/src/press/cut-simulation.js'
import { beds, cardOn, thinDie } from '../packages/core/src/testing/shapes.js'
import { slowPass } from '../packages/core/src/testing/slow-nip.js'
import { laceOf } from './lace.js'
import { medianMs, short } from './stopwatch.js'

const PASSES = 3

const threePasses = (run: CutSimulation, pressing: Pressing): void => {
  run.start(pressing)
  for (let pass = 0; pass < PASSES; pass++) run.pass()
}

/** The press simulation: its time, its ratio to the same model solved densely, and how it grows with line and throat. */
export const benchSimulation = async (): Promise<void> => {
  const press = factsOfPressClass('a4-hand')
  const pressing = cardOn(beds.pad, 0.4, 2)
  const lace = layOnGrid([thinDie(laceOf(100, press.throatMm))], press.throatMm)
  const run = new CutSimulation(press, lace)
  const standardMs = await medianMs(40, () => threePasses(run, pressing))
  console.log(`simulation, lace of 100 × 100 mm with ${Math.round(lace.totalMm)} mm of line, ${PASSES} passes`)
  console.log(`  this machine                 ${short(standardMs)} ms on the standard grid, median`)

  // The dense twin on a grid of 1 mm across; few stations of it, as all would take minutes.
  const fineCells = layOnGrid([thinDie(laceOf(40, press.throatMm))], press.throatMm, undefined, { xMm: 2, yMm: 1 })
  const fine = new CutSimulation(press, fineCells)
  const fastMs = await medianMs(10, () => {
    fine.start(pressing)
    fine.pass()
  })
  const whole = new Float64Array(fineCells.column.length)
  const denseMs = await medianMs(1, () => slowPass(press, fineCells, pressing, whole, 2))
  console.log(
    `  dense solve / ours           ${short(denseMs / fastMs)} times as long (rows of 1 mm, one pass over 40 mm of lace)`,
  )

  const timeOf = async (side: number, throatMm: number) => {
    const wide = { ...press, throatMm, bearingSpanMm: throatMm + 30 }
    const each = new CutSimulation(wide, layOnGrid([thinDie(laceOf(side, throatMm))], throatMm))
    return medianMs(15, () => threePasses(each, pressing))
  }
  const base = await timeOf(70, 235)
  console.log(`  twice the line               ${short((await timeOf(99, 235)) / base)} times as long`)
  console.log(`  twice the throat             ${short((await timeOf(70, 470)) / base)} times as long`)
}
