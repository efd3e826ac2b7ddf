import type { Die } from '../dies/die.js'
import { boxAround, heightOfBox, widthOf } from '../geometry/box.js'
import type { Edit } from './edits.js'
import { linesOnCard, type Placement } from './placed-run.js'

/** The sides of a panel that have a margin; at the others the die's own edge is the panel's. */
export const panelSides = ['left', 'right', 'top', 'bottom'] as const
export type PanelSide = (typeof panelSides)[number]
export const allSides: ReadonlySet<PanelSide> = new Set(panelSides)

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

/** The box round all dies of all runs where they lie, mm; undefined where none lies there. */
const boxOfDies = ({ runs }: Placement, dieOf: (id: string) => Die | undefined) =>
  boxAround(
    runs.flatMap((run) =>
      run.dies.flatMap((laid) => {
        const die = dieOf(laid.dieId)
        return die ? linesOnCard(die, laid, run.face) : []
      }),
    ),
  )

/** Size in mm of the panel that dies and equal margins make; undefined where no die lies there. */
export const sizeRound = (
  placement: Placement,
  dieOf: (id: string) => Die | undefined,
  marginMm: number,
  sides: ReadonlySet<PanelSide>,
): { readonly widthMm: number; readonly heightMm: number } | undefined => {
  const box = boxOfDies(placement, dieOf)
  if (!box) return undefined
  const margin = (side: PanelSide): number => (sides.has(side) ? marginMm : 0)
  return {
    widthMm: widthOf(box) + margin('left') + margin('right'),
    heightMm: heightOfBox(box) + margin('top') + margin('bottom'),
  }
}

/**
 * Makes the card a flat panel of the dies' own size and equal margins (mm) on the sides named; all that lies on it moves along. Common
 * practice, no source: a panel is its die plus equal margins.
 */
export const panelRound =
  (dieOf: (id: string) => Die | undefined, marginMm: number, sides: ReadonlySet<PanelSide>): Edit =>
  (placement) => {
    const box = boxOfDies(placement, dieOf)
    const size = sizeRound(placement, dieOf, marginMm, sides)
    if (!box || !size) return placement
    const from = (side: PanelSide): number => (sides.has(side) ? marginMm : 0)
    return {
      ...movedAll(placement, from('left') - box.fromX, from('top') - box.fromY),
      card: { ...size, fold: null },
    }
  }
