import type { Die } from '../dies/die.js'
import { boxAround } from '../geometry/box.js'
import type { Card } from './card.js'
import { editRun, type Edit } from './edits.js'
import { linesOnCard, type PlacedRun, type Placement } from './placed-run.js'
import { beyondLine, directionsOf, PARALLEL, reachOverLine } from './pressed-region.js'
import { USUAL_OVERLAP_MM, FARTHEST_FROM_FOLD_MM, ON_CREASE_MM } from './constants.js'

/** Sizes for a word cut on a fold, mm. The letters' feet lie on the crease, so that the word stands when the card is folded. */
export interface WordOnFold {
  /** From the edge on the cut side to the pencil line that the pad's edge is laid on. */
  readonly lineMm: number
  /** From the same edge to the letters' feet, where the card is scored. */
  readonly scoreMm: number
  /** Depth of the whole panel: both halves alike. */
  readonly panelMm: number
  /** Depth of each of the two liners. */
  readonly linerMm: number
}

/**
 * Works out the panel for a word on a fold from where its line is to be (mm from the edge on the cut side) and how far the letters
 * reach over it: scored at the letters' feet, both halves as deep as line + overlap, liners as deep as the line.
 */
export const wordOnFold = (lineMm: number, overlapMm = USUAL_OVERLAP_MM): WordOnFold => ({
  lineMm,
  scoreMm: lineMm + overlapMm,
  panelMm: 2 * (lineMm + overlapMm),
  linerMm: lineMm,
})

type DieOf = (id: string) => Die | undefined

/** Makes the card one for a word on a fold: its size, its crease, the line of the run in hand, and its letters' feet on the crease. */
export const makeWordCard =
  (dieOf: DieOf, lineMm: number, overlapMm: number): Edit =>
  (placement) => {
    const word = wordOnFold(lineMm, overlapMm)
    const laid = editRun((run) => ({
      ...run,
      region: 'to-line',
      goesIn: 'open',
      line: { xMm: 0, yMm: word.lineMm, angleDeg: 0, presses: 'above' },
      dies: run.dies.map((each) => {
        const die = dieOf(each.dieId)
        const box = die && boxAround(linesOnCard(die, each, run.face))
        return box ? { ...each, yMm: each.yMm + word.scoreMm - box.toY } : each
      }),
    }))(placement)
    return {
      ...laid,
      card: { widthMm: placement.card.widthMm, heightMm: word.panelMm, fold: { runs: 'level', atMm: word.scoreMm } },
    }
  }

/** A word that stands on a card's crease, as it is laid out. Lengths in mm. */
export interface WordOnCrease {
  readonly run: PlacedRun
  /** How far its letters reach over the pencil line. */
  readonly overlapMm: number
  /** A liner for each half, as long as the crease and as deep as from the card's edge to the pencil line. */
  readonly liner: { readonly widthMm: number; readonly heightMm: number }
}

/** Whether a run's letters stand on the crease: its line runs along it, close by, and their feet lie on it. */
export const standsOnCrease = (
  run: PlacedRun,
  { fold }: Card,
  dieOf: DieOf,
): { readonly overlapMm: number } | undefined => {
  const { line } = run
  if (!fold || !line || run.region !== 'to-line' || run.dies.length === 0) return undefined
  const { along } = directionsOf(line)
  if (Math.abs(fold.runs === 'level' ? along[0] : along[1]) < PARALLEL) return undefined
  const [x, y] = fold.runs === 'level' ? [line.xMm, fold.atMm] : [fold.atMm, line.yMm]
  const overlapMm = -beyondLine(line, x, y)
  if (overlapMm < 0 || overlapMm > FARTHEST_FROM_FOLD_MM) return undefined
  const stand = run.dies.every((laid) => {
    const die = dieOf(laid.dieId)
    const lines = die ? linesOnCard(die, laid, run.face) : []
    return Math.abs(reachOverLine(line, lines) - overlapMm) < ON_CREASE_MM
  })
  return stand ? { overlapMm } : undefined
}

/** The word that stands on a card's crease; undefined where none does. */
export const wordOnCrease = ({ card, runs }: Placement, dieOf: DieOf): WordOnCrease | undefined => {
  for (const run of runs) {
    const stands = standsOnCrease(run, card, dieOf)
    const { fold } = card
    if (!stands || !fold || !run.line) continue
    const isLevel = fold.runs === 'level'
    const wholeMm = isLevel ? card.heightMm : card.widthMm
    const [edgeX, edgeY] = isLevel ? [run.line.xMm, 0] : [0, run.line.yMm]
    const halfMm = beyondLine(run.line, edgeX, edgeY) > 0 ? fold.atMm : wholeMm - fold.atMm
    return {
      run,
      overlapMm: stands.overlapMm,
      liner: { widthMm: isLevel ? card.widthMm : card.heightMm, heightMm: halfMm - stands.overlapMm },
    }
  }
  return undefined
}
