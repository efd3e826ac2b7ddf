import { eachDieOnce } from '../each-die-once.js'
import type { Placement } from '../placed-run.js'
import { block } from './block.js'
import { foldedFront } from './folded-front.js'
import { frameRound } from './frame-round.js'
import { halvesOnFold } from './half-on-fold.js'
import { measuredPanel } from './measured-panel.js'
import { panel } from './panel.js'
import type { Start, StartAsked } from './start.js'
import { window } from './window.js'
import { wordOnAFold } from './word-on-fold.js'

const starts = {
  panel,
  'measured-panel': measuredPanel,
  'folded-front': foldedFront,
  'word-on-fold': wordOnAFold,
  'half-on-fold': halvesOnFold,
  window,
  block,
  'frame-round': frameRound,
} satisfies Record<string, Start>

/** Ways to begin laying out a card. */
export type StartKind = keyof typeof starts
export const startKinds = Object.keys(starts) as StartKind[]

/**
 * Lays dies out in one of the usual ways, to be changed from there; a die that comes more often than it is owned is pressed in runs one after
 * the other.
 */
export const startPlacement = (kind: StartKind, asked: StartAsked): Placement =>
  eachDieOnce(starts[kind](asked), (id) => asked.dies.find((die) => die.id === id), asked.nameOf)
