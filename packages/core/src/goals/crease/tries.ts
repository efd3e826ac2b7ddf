import type { Tries } from '../tries.js'
import { STEP_DOWN_MM } from './constants.js'

/** How a crease is felt out: from nothing, a card at a time, and never up after it was plainly felt. From memory. */
export const creaseTries: Tries = {
  mostStepUpMm: 0.35,
  looseEnough: 0.02,
  mostHarm: 0.02,
  loosestOverMm: -0.3,
  tightestOverMm: 1,
  stopCosts: 25,
  layerCosts: 0.02,
  mostAfter({ feel, seen }, lastMm) {
    if (feel === 'stopped' || seen === 'cut-through' || seen === 'mat-cut') return lastMm - STEP_DOWN_MM
    return feel === 'plainly-felt' ? lastMm : Infinity
  },
}
