import { readPlacement } from '../packages/core/src/placement/read-placement.js'
import { layOnGrid } from '../packages/core/src/press/nip/contact-cells.js'
import { factsOfPressClass } from '../packages/core/src/press/press-class.js'
import { CutSimulation } from '../packages/core/src/press/cut-simulation.js'
import { among, aPlacement, aRun, dieOfLines } from '../packages/core/src/testing/placed.js'
import { beds, cardOn, laceAt, thinDie } from '../packages/core/src/testing/shapes.js'
import { medianMs, short } from './stopwatch.js'

const TURNS = 7

/** The geometry of a lace die cut half way: reading it, and its knife plan, against pressing it once. */
export const benchPlacement = async (): Promise<void> => {
  const press = factsOfPressClass('a4-hand')
  const lines = laceAt(60, press.throatMm / 2, 100, 12, 3.6)
  const die = dieOfLines('lace', lines)
  const placement = aPlacement({
    card: { widthMm: 148, heightMm: 148, fold: null },
    runs: [
      aRun({
        region: 'to-line',
        line: { xMm: 0, yMm: 74, angleDeg: 0, presses: 'above' },
        dies: [{ id: 'lace', dieId: 'lace', xMm: 74, yMm: 74, rotationDeg: 3 }],
      }),
    ],
  })
  const withWaste = { ...placement, waste: [{ xMm: 3, yMm: 3 }] }
  const dies = among([die])
  const run = new CutSimulation(press, layOnGrid([thinDie(lines)], press.throatMm))
  const pressing = await medianMs(TURNS, () => {
    run.start(cardOn(beds.pad, 0.4))
    run.pass()
  })
  const reading = await medianMs(TURNS, () => readPlacement(placement, dies, 0.3))
  const planning = await medianMs(TURNS, () => readPlacement(withWaste, dies, 0.3))
  console.log('placement of a lace die, cut half way')
  console.log(`  reading it              ${short(reading)} ms   ${(reading / pressing).toFixed(2)} passes of the press`)
  console.log(
    `  with its knife plan     ${short(planning)} ms   ${(planning / pressing).toFixed(2)} passes of the press`,
  )
}
