import { factsOfDieClass } from '../dies/classes/list.js'
import type { Die } from '../dies/die.js'
import { transformed } from '../geometry/affine.js'
import { boxAround, middleOf } from '../geometry/box.js'
import type { Polyline } from '../geometry/polyline.js'
import { acrossX } from '../geometry/reflect.js'
import type { Card } from './card.js'
import { placeLines } from '../geometry/place-lines.js'
import type { DiePose } from './place-die.js'

/** How much of the dies is pressed: all of it, what a pad covers up to a line, or what lies under press blocks. */
export const regionIds = ['all', 'to-line', 'under-block'] as const
export type RegionId = (typeof regionIds)[number]

/** Edges of the card, as one of them meets the rollers first. */
export const cardEdges = ['top', 'right', 'bottom', 'left'] as const
export type CardEdge = (typeof cardEdges)[number]

/** Something laid on the card by the middle of its unturned box: mm from the card's top left corner, degrees from +x to +y. */
interface Laid extends DiePose {
  readonly id: string
}

export interface LaidDie extends Laid {
  readonly dieId: string
}

/**
 * The line that the pad's full-thickness edge is laid on. It goes through a point at an angle (0° level, towards +x); what
 * lies on the left of that direction (above a level line) is pressed, or below it where `presses` says so.
 */
export interface EdgeLine {
  readonly xMm: number
  readonly yMm: number
  readonly angleDeg: number
  readonly presses: 'above' | 'below'
}

/** What a press block is: a clear block or plate of the shelf, or card glued up. */
type BlockMaterial =
  { readonly is: 'plate'; readonly plateId: string } | { readonly is: 'cards'; readonly sheetId: string }

/** A press block where it lies. Its outline is a rectangle of the given size, or closed lines (`outline`) about their middle. */
export interface LaidBlock extends Laid {
  readonly material: BlockMaterial
  readonly widthMm: number
  readonly heightMm: number
  /** A shape in place of the rectangle, such as a die's inner rim made smaller: closed lines, mm. */
  readonly outline: readonly (readonly number[])[] | null
}

/** One press run on a card: what lies where, and how much of it is pressed. */
export interface PlacedRun {
  readonly id: string
  readonly name: string
  readonly region: RegionId
  /** The face of the card that the blades enter. */
  readonly face: 'front' | 'back'
  /** Whether the card goes in open, one sheet thick, or folded shut, two. */
  readonly goesIn: 'open' | 'folded'
  /** The card's edge that meets the rollers first. */
  readonly leads: CardEdge
  readonly dies: readonly LaidDie[]
  /** Where the pad ends; only an edge partial has one. */
  readonly line: EdgeLine | null
  /** The pad whose edge lies on the line; null: the planner's choice. */
  readonly padId: string | null
  readonly blocks: readonly LaidBlock[]
}

/** Whether a run presses all of a card that goes in folded shut, so that what lies along its fold comes out twice as large, unfolded. */
export const pressesBothHalves = ({ goesIn, region }: Pick<PlacedRun, 'goesIn' | 'region'>): boolean =>
  goesIn === 'folded' && region === 'all'

/** A spot on the card, mm. */
export interface Spot {
  readonly xMm: number
  readonly yMm: number
}

/** A picture or print that the dies are placed by, by its middle. */
export interface Motif {
  readonly name: string
  readonly xMm: number
  readonly yMm: number
  readonly widthMm: number
  readonly heightMm: number
  readonly rotationDeg: number
  /** On the front, or inside the card where a window shows it. */
  readonly on: 'front' | 'inside'
  /** The picture as a data address; null where only its frame is known. */
  readonly picture: string | null
}

/** All that is laid out for one card: press runs in their order, and what is to come away or must stay. */
export interface Placement {
  readonly card: Card
  readonly runs: readonly PlacedRun[]
  /** The run that is planned and pressed now, by its place in `runs`. */
  readonly runInHand: number
  /** Spots of pieces that are to come away with the help of a knife. */
  readonly waste: readonly Spot[]
  /** Spots of pieces that must stay. */
  readonly keep: readonly Spot[]
  readonly motif: Motif | null
}

/**
 * A die's lines where they cut, seen on the card's front. Where the blades enter from the back, the lines are the mirror image
 * about the upright line through the die's middle, before it is turned. A shape is turned over by hand before it is stuck to the
 * back, so it lies the way it is to show on either side.
 */
export const linesOnCard = (die: Die, pose: DiePose, face: PlacedRun['face']): number[][] => {
  const box = boxAround(die.outline.lines)
  const lines: readonly Polyline[] =
    face === 'back' && box && factsOfDieClass(die.dieClass).use !== 'shape'
      ? die.outline.lines.map((line) => transformed(line, acrossX(middleOf(box)[0])))
      : die.outline.lines
  return placeLines(lines, pose)
}
