import type { Die } from '../dies/die.js'
import { type Box, boxAround, heightOfBox, widthOf } from '../geometry/box.js'
import { MM_PER_INCH } from '../units/length.js'
import type { Edit } from './edits.js'
import { linesOnCard, type Placement } from './placed-run.js'

/** The sides of a panel that have a margin; at the others the die's own edge is the panel's. */
export const panelSides = ['left', 'right', 'top', 'bottom'] as const
export type PanelSide = (typeof panelSides)[number]
export const allSides: ReadonlySet<PanelSide> = new Set(panelSides)

/** mm of card round a die on each side. Common practice, no source: 1/8 in. */
export const USUAL_MARGIN_MM = MM_PER_INCH / 8

const by = <Where extends { readonly xMm: number; readonly yMm: number }>(
  where: Where,
  dx: number,
  dy: number,
): Where => ({
  ...where,
  xMm: where.xMm + dx,
  yMm: where.yMm + dy,
})

/** Everything on a card moved alike, mm. */
const movedAll = (placement: Placement, dx: number, dy: number): Placement => ({
  ...placement,
  runs: placement.runs.map((run) => ({
    ...run,
    dies: run.dies.map((die) => by(die, dx, dy)),
    blocks: run.blocks.map((each) => by(each, dx, dy)),
    line: run.line && by(run.line, dx, dy),
  })),
  waste: placement.waste.map((spot) => by(spot, dx, dy)),
  keep: placement.keep.map((spot) => by(spot, dx, dy)),
  motif: placement.motif && by(placement.motif, dx, dy),
})

/** The box round all dies of all runs where they lie and their margins, mm; undefined where none lies there. */
const boxRound = (
  { runs }: Placement,
  dieOf: (id: string) => Die | undefined,
  marginMm: number,
  sides: ReadonlySet<PanelSide>,
): Box | undefined => {
  const box = boxAround(
    runs.flatMap((run) =>
      run.dies.flatMap((laid) => {
        const die = dieOf(laid.dieId)
        return die ? linesOnCard(die, laid, run.face) : []
      }),
    ),
  )
  const margin = (side: PanelSide): number => (sides.has(side) ? marginMm : 0)
  return (
    box && {
      fromX: box.fromX - margin('left'),
      fromY: box.fromY - margin('top'),
      toX: box.toX + margin('right'),
      toY: box.toY + margin('bottom'),
    }
  )
}

const sizeOf = (box: Box) => ({ widthMm: widthOf(box), heightMm: heightOfBox(box) })

/** Size in mm of the panel that dies and equal margins make; undefined where no die lies there. */
export const sizeRound = (
  placement: Placement,
  dieOf: (id: string) => Die | undefined,
  marginMm: number,
  sides: ReadonlySet<PanelSide>,
): { readonly widthMm: number; readonly heightMm: number } | undefined => {
  const box = boxRound(placement, dieOf, marginMm, sides)
  return box && sizeOf(box)
}

/**
 * Makes the card a flat panel of the dies' own size and equal margins (mm) on the sides named; all that lies on it moves along. Common
 * practice, no source: a panel is its die plus equal margins.
 */
export const panelRound =
  (dieOf: (id: string) => Die | undefined, marginMm: number, sides: ReadonlySet<PanelSide>): Edit =>
  (placement) => {
    const box = boxRound(placement, dieOf, marginMm, sides)
    return box ? { ...movedAll(placement, -box.fromX, -box.fromY), card: { ...sizeOf(box), fold: null } } : placement
  }
