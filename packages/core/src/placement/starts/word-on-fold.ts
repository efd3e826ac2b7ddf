import { setInRow } from '../set-in-row.js'
import { wordOnFold } from '../word-on-fold.js'
import { laid, laidOn, runOf, sizeOf, type Start } from './start.js'

/** mm. Panel and line of a word on a fold. Common practice, no source: 8 1/4 in wide, line 3 in from the cut side. */
const WIDTH_MM = 209.55
const LINE_MM = 76.2
/** mm. What is left free at either end of a word. From memory. */
const MARGIN_MM = 12

/** Letters whose feet stay attached at the crease, pressed down to a pencil line just short of it. */
export const wordOnAFold: Start = (asked) => {
  const { dies, overlapMm } = asked
  const { lineMm, scoreMm, panelMm } = wordOnFold(LINE_MM, overlapMm)
  const row = { fromMm: MARGIN_MM, toMm: WIDTH_MM - MARGIN_MM, lineMm, overlapMm }
  const poses = setInRow(dies, row) ?? setInRow(dies, { ...row, fromMm: 0, toMm: WIDTH_MM, gapMm: 0 })
  const inMiddle = dies.map((die) => ({
    xMm: WIDTH_MM / 2,
    yMm: scoreMm - sizeOf(die).heightMm / 2,
    rotationDeg: 0,
  }))
  return laidOn({ widthMm: WIDTH_MM, heightMm: panelMm, fold: { runs: 'level', atMm: scoreMm } }, [
    runOf(1, asked, {
      region: 'to-line',
      dies: laid(dies, poses ?? inMiddle),
      line: { xMm: 0, yMm: lineMm, angleDeg: 0, presses: 'above' },
    }),
  ])
}
