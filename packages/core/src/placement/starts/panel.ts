import { inMiddle, laidOn, runOf, type Start, usualPanel } from './start.js'

/** A flat card, the dies in its middle. */
export const panel: Start = (asked) => {
  const card = usualPanel()
  return laidOn(card, [runOf(1, asked, { dies: inMiddle(asked.dies, card) })])
}
