import type { Tries } from '../tries.js'
import { STEP_DOWN_MM } from './constants.js'

/** How a line of foil is felt out: a card more while it is broken, and out again where it smudges. From memory. */
export const foilTries: Tries = {
  mostStepUpMm: 0.35,
  looseEnough: 0.05,
  mostHarm: 0.05,
  loosestOverMm: -0.4,
  tightestOverMm: 1.2,
  stopCosts: 25,
  layerCosts: 0.02,
  mostAfter({ feel, seen }, lastMm) {
    return feel === 'stopped' || seen === 'smudged' ? lastMm - STEP_DOWN_MM : Infinity
  },
}
