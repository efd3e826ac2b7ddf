import { allSides, panelRound } from '../panel-round.js'
import { panel } from './panel.js'
import type { Start } from './start.js'

/** mm of card round a die on each side. Common practice, no source: 1/8 in. */
const MARGIN_MM = 25.4 / 8

/** A flat card made to measure: the dies, and equal margins round them. */
export const measuredPanel: Start = (asked) =>
  panelRound((id) => asked.dies.find((die) => die.id === id), MARGIN_MM, allSides)(panel(asked))
