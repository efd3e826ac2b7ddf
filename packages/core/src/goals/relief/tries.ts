import type { Tries } from '../tries.js'

/** How a relief is felt out: another pass, then a shim. From memory. */
export const reliefTries: Tries = {
  mostStepUpMm: 0.4,
  looseEnough: 1,
  loosestOverMm: -0.3,
  tightestOverMm: 1.8,
  stopCosts: 25,
  layerCosts: 0.02,
  mostAfter({ feel, seen }, lastMm) {
    return feel === 'stopped' || seen === 'cracked' ? lastMm - 0.15 : Infinity
  },
}
