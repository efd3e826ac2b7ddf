import { inMiddle, laidOn, runOf, type Start, usualPanel } from './start.js'

/** A flat card whose dies are pressed only where a block lies. */
export const block: Start = (asked) => {
  const card = usualPanel()
  return laidOn(card, [runOf(1, asked, { region: 'under-block', dies: inMiddle(asked.dies, card) })])
}
