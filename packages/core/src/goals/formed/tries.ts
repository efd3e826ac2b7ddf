import type { Tries } from '../tries.js'

/** How a folder is felt out: the least that does it, one thin shim at a time; a firm handle has torn it. From memory. */
export const formedTries: Tries = {
  mostStepUpMm: 0.3,
  looseEnough: 0.05,
  mostHarm: 0.05,
  loosestOverMm: -0.4,
  tightestOverMm: 1.2,
  stopCosts: 25,
  layerCosts: 0.02,
  mostAfter({ feel, seen }, lastMm) {
    if (feel === 'stopped' || seen === 'torn') return lastMm - 0.15
    return feel === 'firm' || feel === 'hard' ? lastMm : Infinity
  },
}
