import { logStrengthAt, ROW_MM, STRENGTHS } from './axes.js'
import { type GapChances, gapsOf } from './posterior.js'
import { strengthNodes } from './strength-nodes.js'

/** One way the press and the sheet may be, with its chance; the chances of all add up to 1. */
export interface DoubtNode {
  readonly strength: number
  readonly weight: number
  /** How much more squeeze there is than counted from the gap that is reckoned with, mm; and how unsure that is, one standard deviation. */
  readonly shiftMm: number
  readonly spreadMm: number
}

/** What is believed of a press with a sheet, for chances. */
export interface Doubt {
  readonly nodes: readonly DoubtNode[]
  /** How far that may be trusted, 0…1: the rest is that it is otherwise altogether. Only a chance of doing well is as much less. */
  readonly trust: number
}

/** Where the gap is taken for known: only the sheet's strength is in doubt. */
export const strengthAlone: Doubt = {
  nodes: strengthNodes.map((node) => ({ ...node, shiftMm: 0, spreadMm: 0 })),
  trust: 1,
}

/** A node stands for at least so many rows, and for no more than these, which a normal curve stands for well. */
const LEAST_ROWS = 3
const MOST_ROWS = 10
/** It grows until it holds so much. */
const ENOUGH = 0.05
/** The least likely nodes are left out up to so much in all: no chance that is told shows it. */
const LEFT_OUT = 3e-4
/** Strengths of nodes are rounded to this in the logarithm, so that few are asked for. */
const LOG_STEP = 0.01

const ROOT_THREE = Math.sqrt(3)

interface OfRows {
  readonly weight: number
  readonly meanMm: number
  readonly spreadMm: number
  readonly strengths: readonly { readonly logStrength: number; readonly weight: number }[]
}

/** Rows `from`…`to` (without) as one normal curve of the gap and three strengths with the same mean and spread. */
const groupOf = ({ chances }: GapChances, firstMm: number, from: number, to: number): OfRows => {
  let weight = 0
  let moment = 0
  let square = 0
  let logMoment = 0
  let logSquare = 0
  for (let row = from; row < to; row++)
    for (let column = 0; column < STRENGTHS; column++) {
      const chance = chances[row * STRENGTHS + column] as number
      const mm = firstMm + row * ROW_MM
      const log = logStrengthAt(column)
      weight += chance
      moment += chance * mm
      square += chance * mm * mm
      logMoment += chance * log
      logSquare += chance * log * log
    }
  if (weight === 0) return { weight, meanMm: 0, spreadMm: 0, strengths: [] }
  const [meanMm, meanLog] = [moment / weight, logMoment / weight]
  // Between rows any gap is as likely.
  const spreadMm = Math.sqrt(Math.max(0, square / weight - meanMm ** 2) + ROW_MM ** 2 / 12)
  const apart = ROOT_THREE * Math.sqrt(Math.max(0, logSquare / weight - meanLog ** 2))
  const rounded = (log: number): number => Math.round(log / LOG_STEP) * LOG_STEP
  return {
    weight,
    meanMm,
    spreadMm,
    strengths: [
      { logStrength: rounded(meanLog - apart), weight: 1 / 6 },
      { logStrength: rounded(meanLog), weight: 2 / 3 },
      { logStrength: rounded(meanLog + apart), weight: 1 / 6 },
    ],
  }
}

/** Boils a belief down to a few dozen nodes, without losing its humps or how gap and strength hang together; shifts count from `gapMm`. */
export const nodesOf = (belief: GapChances, gapMm: number): DoubtNode[] => {
  const { firstMm, chances: rows } = gapsOf(belief)
  const groups: OfRows[] = []
  for (let from = 0; from < rows.length;) {
    let to = from
    let held = 0
    while (to < rows.length && (to - from < LEAST_ROWS || held < ENOUGH) && to - from < MOST_ROWS)
      held += rows[to++] as number
    groups.push(groupOf(belief, firstMm, from, to))
    from = to
  }
  groups.sort((a, b) => a.weight - b.weight)
  let leftOut = 0
  const kept = groups.filter(({ weight }) => (leftOut += weight) > LEFT_OUT)
  const total = kept.reduce((sum, { weight }) => sum + weight, 0)
  return kept.flatMap(({ weight, meanMm, spreadMm, strengths }) =>
    strengths.map((each) => ({
      strength: Math.exp(each.logStrength),
      weight: (weight / total) * each.weight,
      shiftMm: gapMm - meanMm,
      spreadMm,
    })),
  )
}
