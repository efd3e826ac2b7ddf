import { strengthNodes } from './strength-nodes.js'
import { logStrengthAt, OFFSET_STEP_MM, OFFSETS, offsetMmAt, STRENGTHS } from './axes.js'
import { marginalsOf, type Moments, momentsOf } from './posterior.js'

/**
 * One way the press and the sheet may be, with its chance. `shiftMm` is how much more squeeze there is than counted from the
 * expected gap; `lessVariance` (mm²) is how much of the gap's variance is gone once this node is taken for true.
 */
export interface DoubtNode {
  readonly strength: number
  readonly weight: number
  readonly shiftMm: number
  readonly lessVariance: number
}

/** Where nothing has been learnt: the sheet's strength by its kind, the gap's doubt all in its spread. */
export const unlearntNodes: readonly DoubtNode[] = strengthNodes.map((node) => ({
  ...node,
  shiftMm: 0,
  lessVariance: 0,
}))

/** What is believed of a press with a sheet, for planning. */
export interface Knowledge {
  /** How far the gap is from what is recorded, mm; and the logarithm of the sheet's strength over its table value. */
  readonly offsetMm: Moments
  readonly logStrength: Moments
  readonly nodes: readonly DoubtNode[]
}

/** Rows of the grid that one node stands for. */
const ROWS_PER_NODE = 3
/** Nodes less likely than this are left out; all of them together change no chance by a thousandth. */
const LEAST_WEIGHT = 2e-6

/** Boils the chances of a grid down to a few dozen nodes, without losing how offset and strength hang together. */
export const knowledgeOf = (chances: Float64Array): Knowledge => {
  const { offsets, strengths } = marginalsOf(chances)
  const offsetMm = momentsOf(offsets, offsetMmAt)
  const nodes: DoubtNode[] = []
  let kept = 0
  for (let column = 0; column < STRENGTHS; column++)
    for (let row = 0; row < OFFSETS; row += ROWS_PER_NODE) {
      let weight = 0
      let moment = 0
      let square = 0
      for (let at = row; at < row + ROWS_PER_NODE; at++) {
        const chance = chances[at * STRENGTHS + column] as number
        weight += chance
        moment += chance * offsetMmAt(at)
        square += chance * offsetMmAt(at) ** 2
      }
      if (weight < LEAST_WEIGHT) continue
      const mean = moment / weight
      // Between grid points any value is as likely.
      const variance = Math.max(0, square / weight - mean ** 2) + OFFSET_STEP_MM ** 2 / 12
      kept += weight
      nodes.push({
        strength: Math.exp(logStrengthAt(column)),
        weight,
        shiftMm: offsetMm.mean - mean,
        lessVariance: offsetMm.spread ** 2 - variance,
      })
    }
  return {
    offsetMm,
    logStrength: momentsOf(strengths, logStrengthAt),
    nodes: nodes.map((node) => ({ ...node, weight: node.weight / kept })),
  }
}
