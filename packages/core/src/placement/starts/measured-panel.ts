import { allSides, panelRound, USUAL_MARGIN_MM } from '../panel-round.js'
import { panel } from './panel.js'
import type { Start } from './start.js'

/** A flat card made to measure: the dies, and equal margins round them. */
export const measuredPanel: Start = (asked) =>
  panelRound((id) => asked.dies.find((die) => die.id === id), USUAL_MARGIN_MM, allSides)(panel(asked))
