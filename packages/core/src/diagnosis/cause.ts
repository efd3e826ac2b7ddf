import type { GoalId } from '../goals/list.js'
import type { QuestionId } from './questions.js'
import type { Scene } from './scene.js'
import type { Variation } from './variation.js'

/** One way, and how far, a cause may be at work. */
export interface Degree {
  /** Its share of all ways of this cause; they add up to 1 at the most, what is left being ways that were not thought worth trying. */
  readonly share: number
  readonly variation: Variation
  /** mm. How much it is, for telling. */
  readonly mm?: number
  /** Which layer or die it is about, by its place; for telling. */
  readonly of?: string
}

/** Something that may have gone wrong. How often, how far and how it is answered is from memory, as nobody has counted it. */
export interface Cause {
  readonly id: string
  /** Of which goals; of all where absent. */
  readonly goals?: readonly GoalId[]
  /** How often it is the cause, over that of the others. */
  readonly prior: number
  /** Whether it stays from one time to the next: then a stack that came out before speaks against it. */
  readonly lasts?: 'press' | 'pad' | 'die' | 'sheet'
  /** Every way it may be at work here; none where it cannot be. */
  degrees(scene: Scene): readonly Degree[]
  /** How often a question is answered with yes where it is the cause. */
  readonly answers: Readonly<Partial<Record<QuestionId, number>>>
  /** What is done against it: how long that takes, how surely it helps, and whether the stack gets tighter by it. */
  readonly remedy: {
    readonly minutes: number
    readonly cures: number
    readonly raises?: true
    readonly freshSheets?: true
  }
}

/** A way with this much more squeeze, mm. */
export const squeezed = (share: number, mm: number): Degree => ({
  share,
  mm: Math.abs(mm),
  variation: { squeezeMm: mm, strength: 1, effort: 1, moreSheets: 0 },
})

/** A way with what resists so many times as strong. */
export const stronger = (share: number, strength: number): Degree => ({
  share,
  variation: { squeezeMm: 0, strength, effort: 1, moreSheets: 0 },
})

/** A way in which just this is seen, whatever the press does. */
export const comingOut = (comesOut: Readonly<Record<string, number>>): Degree => ({
  share: 1,
  variation: { squeezeMm: 0, strength: 1, effort: 1, moreSheets: 0, comesOut },
})

/** A way in which it is locally lower, mm. */
export const lowered = (share: number, mm: number, heights: NonNullable<Variation['heights']>): Degree => ({
  share,
  mm,
  variation: { squeezeMm: 0, strength: 1, effort: 1, moreSheets: 0, heights },
})
