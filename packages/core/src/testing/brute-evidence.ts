import { logChanceOf } from '../goals/clean-cut/likelihood.js'
import { progressOf } from '../goals/clean-cut/forecast.js'
import type { CutSeen } from '../goals/clean-cut/looks.js'
import type { RoundOf } from '../outcomes/round.js'
import type { Pressed } from '../learning/pressed.js'
import { effortOf } from '../press/drive.js'
import { CutSimulation } from '../press/cut-simulation.js'
import { ReachOfMost } from '../goals/clean-cut/reach-of-most.js'
import { PLAIN_LAYING } from '../goals/laying.js'
import { cellsOf, lawOf, PLANNING_GRID } from '../goals/clean-cut/cut-setup.js'
import { tooDeepFrom } from '../goals/clean-cut/too-deep.js'

/** The slow twin of logEvidenceOf: simulates right at one gap and strength, and integrates the height error by sampling evenly. */
export const bruteLogChance = ({ cut, rounds, ownSpreadMm }: Pressed, gapMm: number, log: number): number => {
  const run = new CutSimulation(cut.press.frame, cellsOf(cut, PLAIN_LAYING, PLANNING_GRID))
  const reach = new ReachOfMost(run)
  let sum = 0
  let weights = 0
  for (let z = -3; z <= 3; z += 0.25) {
    let logChance = 0
    rounds.forEach(({ bed, heightMm, look }, at) => {
      const squeezeMm = heightMm - gapMm + z * ownSpreadMm
      const pressing = { law: lawOf(cut, bed, Math.exp(log)), bedSoftness: bed.softness, squeezeMm }
      if (at === 0) run.start(pressing)
      else run.goOn(pressing)
      let effort = 0
      let overcutMm = 0
      let last = { cutFraction: 0, meanDepth: 0 }
      for (let pass = 0; pass < look.passes; pass++) {
        const outcome = run.pass()
        effort = Math.max(
          effort,
          effortOf(cut.press.drive, { torqueNmm: outcome.peakTorqueNmm, forceN: outcome.peakForceN }),
        )
        overcutMm = Math.max(overcutMm, outcome.overcutMm)
        last = outcome
      }
      logChance += logChanceOf(
        {
          progress: progressOf(last.cutFraction, last.meanDepth, reach.now()),
          effort,
          tooDeepByMm: overcutMm - tooDeepFrom(cut),
        },
        look as RoundOf<CutSeen>,
      )
    })
    const weight = Math.exp(-0.5 * z * z)
    sum += weight * Math.exp(logChance)
    weights += weight
  }
  return Math.log(sum / weights)
}
