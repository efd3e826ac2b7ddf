import type { Tries } from '../tries.js'
import { LEAST_STEP_DOWN_MM } from './constants.js'

/** How a cut is felt out: from too loose, never far tighter than before, and never up after a handle that was hard. */
export const cutTries: Tries = {
  // Calibration notes.
  mostStepUpMm: 0.35,
  // From memory.
  looseEnough: 0.1,
  loosestOverMm: -0.3,
  tightestOverMm: 2.5,
  // From memory: the stack is backed out, and plates may crack.
  stopCosts: 25,
  layerCosts: 0.003,
  mostAfter({ feel }, lastMm) {
    if (feel === 'stopped') return lastMm - LEAST_STEP_DOWN_MM
    return feel === 'hard' ? lastMm : Infinity
  },
}
