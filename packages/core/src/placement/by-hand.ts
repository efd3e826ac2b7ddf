import type { Die } from '../dies/die.js'
import { handMm, type LengthStyle } from '../units/length-print.js'
import { edgeMarksOf, placeOfMark } from './edge-marks.js'
import type { Card } from './card.js'
import { edgesOf } from './place-die.js'
import type { EdgeLine, LaidDie, Placement } from './placed-run.js'
import { directionsOf } from './pressed-region.js'
import { type PlacementFinding, readPlacement } from './read-placement.js'

/** What laying by a ruler does to a placement. */
export interface ByHand {
  /** By how much the die that moves farthest moves, mm. */
  readonly movedMm: number
  /** What is found against it then that is not found where everything lies exactly. */
  readonly gained: readonly PlacementFinding[]
}

type DieOf = (id: string) => Die | undefined

const laidDieByHand = (laid: LaidDie, dieOf: DieOf, style: LengthStyle): LaidDie => {
  const die = dieOf(laid.dieId)
  if (!die) return laid
  const { leftMm, topMm } = edgesOf(laid, die)
  return {
    ...laid,
    xMm: laid.xMm + handMm(leftMm, style) - leftMm,
    yMm: laid.yMm + handMm(topMm, style) - topMm,
  }
}

/** A pencil line between its two marks, each on a whole step of a ruler along the card's edge. */
const lineByHand = (line: EdgeLine, card: Card, style: LengthStyle): EdgeLine => {
  const [from, to] = edgeMarksOf(line, card) ?? []
  if (!from || !to) return line
  const [ax, ay] = placeOfMark({ ...from, atMm: handMm(from.atMm, style) }, card)
  const [bx, by] = placeOfMark({ ...to, atMm: handMm(to.atMm, style) }, card)
  const { along } = directionsOf(line)
  const sign = (bx - ax) * along[0] + (by - ay) * along[1] < 0 ? -1 : 1
  const angleDeg = (Math.atan2(sign * (by - ay), sign * (bx - ax)) * 180) / Math.PI
  return { ...line, xMm: ax, yMm: ay, angleDeg }
}

/** A placement where a hand lays it: every die's edges, and every pencil line's marks, on whole steps of a ruler from the card's edges. */
export const laidByHand = (placement: Placement, dieOf: DieOf, style: LengthStyle): Placement => ({
  ...placement,
  runs: placement.runs.map((run) => ({
    ...run,
    line: run.line && lineByHand(run.line, placement.card, style),
    dies: run.dies.map((laid) => laidDieByHand(laid, dieOf, style)),
  })),
})

const nameOf = ({ code, runId, laidId }: PlacementFinding): string => JSON.stringify([code, runId, laidId])

/**
 * Checks what rounding to a ruler's steps does: reads the placement both ways, without the knife, which follows what was cut.
 * `caliperMm` is that of one sheet.
 */
export const byHandOf = (placement: Placement, dieOf: DieOf, caliperMm: number, style: LengthStyle): ByHand => {
  const exact = { ...placement, waste: [] }
  const byHand = laidByHand(exact, dieOf, style)
  const found = (each: Placement) => readPlacement(each, dieOf, caliperMm).findings
  const known = new Set(found(exact).map(nameOf))
  const moved = exact.runs.flatMap((run, at) =>
    run.dies.map(({ xMm, yMm }, which) => {
      const to = byHand.runs[at]?.dies[which]
      return to ? Math.hypot(to.xMm - xMm, to.yMm - yMm) : 0
    }),
  )
  return {
    movedMm: Math.max(0, ...moved),
    gained: found(byHand).filter((each) => each.severity !== 'note' && !known.has(nameOf(each))),
  }
}
