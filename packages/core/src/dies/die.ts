import type { MeasuredMm } from '../units/measured.js'
import { type DieClass, factsOfDieClass } from './classes/list.js'
import type { FeedEnd } from './feed-end.js'
import type { Outline } from './outline.js'

/** A die on the shelf, as the planner needs it. Lengths in mm. */
export interface Die {
  readonly id: string
  readonly name: string
  readonly dieClass: DieClass
  /** Along the feed and across the throat, as it is usually laid. */
  readonly lengthMm: number
  readonly widthMm: number
  /** Total height, blade included. */
  readonly height: MeasuredMm
  readonly bladeHeightMm: number
  /** Strip of the die's body that follows each blade; 0 where ejection foam gives way. */
  readonly bodyStripMm: number
  readonly fitForFoam: boolean
  /** The end that goes in first, of a folder. */
  readonly feedEnd: FeedEnd
  /** Multiplies τ of its lines (`difficultyOf`). */
  readonly difficulty: number
  /** Shapes that one cut of one sheet gives, and how many of them are mirror images of others; 1 and 0 where absent. */
  readonly pieces?: number
  readonly mirrored?: number
  /** How many of it there are; 1 where absent. One run cannot lay more. */
  readonly owned?: number
  /** Whether a guide for it is made, by which it is laid without a pencil. */
  readonly hasGuide?: true
  /** Its cutting lines, or a stand-in for them. */
  readonly outline: Outline
}

/** Whether what lies there has blades that look one way or the other; a shape and a plain folder have none. */
export const hasBlades = (dies: readonly Pick<Die, 'dieClass'>[]): boolean =>
  dies.some(({ dieClass }) => factsOfDieClass(dieClass).use === 'die')
/** The height in mm that a group of dies takes up in the stack: its tallest. */
export const tallest = (dies: readonly Die[]): MeasuredMm =>
  dies.reduce<MeasuredMm>((height, die) => (die.height.valueMm > height.valueMm ? die.height : height), {
    valueMm: 0,
    spreadMm: 0,
  })
