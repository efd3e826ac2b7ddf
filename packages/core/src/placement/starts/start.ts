import type { Die } from '../../dies/die.js'
import { boxAround, heightOfBox, widthOf } from '../../geometry/box.js'
import { type Card, cardOfFront, frontOf } from '../card.js'
import type { LaidDie, PlacedRun, Placement } from '../placed-run.js'
import { setInRow } from '../set-in-row.js'

/** What a lay-out is begun with: the job's dies in their order, what a run is called by its number, and how far letters reach over a line, mm. */
export interface StartAsked {
  readonly dies: readonly Die[]
  readonly nameOf: (count: number) => string
  readonly overlapMm: number
}

/** A way to begin laying out a card, to be changed from there. */
export type Start = (asked: StartAsked) => Placement

/** mm. A card base in inches, scored at half its width. Common practice, no source: 8 1/2 × 5 1/2 in scored at 4 1/4. */
export const FRONT_MM = { widthMm: 107.95, heightMm: 139.7 }

/** mm of card round a frame or a window on each side, at least, and of sheet at either end of a fold and beyond its halves. From memory. */
export const REST_MM = 12

/** A flat panel as large as a usual front. */
export const usualPanel = (): Card => cardOfFront('panel', FRONT_MM.widthMm, FRONT_MM.heightMm)

/** Width and height of a die's lines as they are drawn, mm. */
export const sizeOf = (die: Die): { readonly widthMm: number; readonly heightMm: number } => {
  const box = boxAround(die.outline.lines)
  return box ? { widthMm: widthOf(box), heightMm: heightOfBox(box) } : { widthMm: 1, heightMm: 1 }
}

/** How much of a card a die takes up, mm². */
export const areaOf = (die: Die): number => sizeOf(die).widthMm * sizeOf(die).heightMm

/** A run that presses all of what lies on the card, open, from its front. */
export const runOf = (count: number, { nameOf }: Pick<StartAsked, 'nameOf'>, more: Partial<PlacedRun>): PlacedRun => ({
  id: `run ${count}`,
  name: nameOf(count),
  region: 'all',
  face: 'front',
  goesIn: 'open',
  leads: 'top',
  dies: [],
  line: null,
  padId: null,
  blocks: [],
  ...more,
})

/** A card with runs on it, and nothing else said of it. */
export const laidOn = (card: Card, runs: readonly PlacedRun[]): Placement => ({
  card,
  runs,
  runInHand: 0,
  waste: [],
  keep: [],
  motif: null,
})

/** Dies where their poses are, named in their order from `from` on. */
export const laid = (dies: readonly Die[], poses: readonly Omit<LaidDie, 'id' | 'dieId'>[], from = 1): LaidDie[] =>
  dies.flatMap((die, at) => {
    const pose = poses[at]
    return pose ? [{ id: `die ${at + from}`, dieId: die.id, ...pose }] : []
  })

/** Dies beside one another in the middle of a card's front, as far as they fit. */
export const inMiddle = (dies: readonly Die[], card: Card): LaidDie[] => {
  const front = frontOf(card)
  const middleY = (front.fromY + front.toY) / 2
  const tallest = Math.max(0, ...dies.map((die) => sizeOf(die).heightMm))
  const poses = setInRow(dies, { fromMm: front.fromX, toMm: front.toX, lineMm: middleY + tallest / 2, overlapMm: 0 })
  return laid(
    dies,
    dies.map((_, at) => ({ xMm: poses?.[at]?.xMm ?? (front.fromX + front.toX) / 2, yMm: middleY, rotationDeg: 0 })),
  )
}
