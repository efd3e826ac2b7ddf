import { type Answer, faultOf } from './ask.js'
import type { Met } from './others.js'
import { type RandomSource, seededRandom } from '../packages/core/src/numerics/random.js'

/** ms. What no single request may take, but whole imports and exports. */
export const LONGEST_MS = 5000
/** ms. What others may wait at most while something hard is done. */
const OTHERS_MS = 1000

/** How much of a trial is done: all that is worth an evening, or a slice that takes seconds. */
export type Extent = 'whole' | 'slice'

/** How often something was tried, and what failed. */
export interface Tally {
  readonly what: string
  tried: number
  readonly failed: string[]
  /** What was measured beside. */
  readonly notes: string[]
}

/** What a trial is given: chance that can be had again, and where to say what came of it. */
export class Scene {
  readonly random: RandomSource
  readonly tallies: Tally[] = []

  constructor(
    readonly seed: number,
    readonly extent: Extent,
  ) {
    this.random = seededRandom(seed)
  }

  /** How many times something is done. */
  times(whole: number, slice: number): number {
    return this.extent === 'whole' ? whole : slice
  }

  /** Why something took too long (ms), if it did. Only a whole trial judges that: a slice runs beside other tests, on whatever machine. */
  tooLong(ms: number, longestMs = LONGEST_MS): string | undefined {
    return this.extent === 'whole' && ms > longestMs ? `after ${Math.round(ms)} ms` : undefined
  }

  /** What is wrong with an answer, if anything: none at all, a fault of ours, or one that came too late. */
  faultOf(answer: Answer, longestMs = LONGEST_MS): string | undefined {
    const late = this.tooLong(answer.ms, longestMs)
    return faultOf(answer) ?? (late && `${answer.status} ${late}`)
  }

  /** What others met meanwhile who asked for little. */
  othersMet({ longestMs, faults }: Met): void {
    this.tried('others meanwhile', faults[0] ?? this.tooLong(longestMs, OTHERS_MS))
    this.note('others meanwhile', `waited ${Math.round(longestMs)} ms at most`)
  }

  private tally(what: string): Tally {
    const there = this.tallies.find((each) => each.what === what)
    if (there) return there
    const tally: Tally = { what, tried: 0, failed: [], notes: [] }
    this.tallies.push(tally)
    return tally
  }

  /** Something was tried; `fault` says how it failed, where it did. */
  tried(what: string, fault?: string): void {
    const tally = this.tally(what)
    tally.tried++
    if (fault !== undefined) tally.failed.push(fault)
  }

  note(what: string, said: string): void {
    this.tally(what).notes.push(said)
  }
}

/** One way to be hard on the application. */
export interface Trial {
  readonly name: string
  /** Whether a slice of it is in `npm test`; other tests there do what the rest would. */
  readonly hasSlice: boolean
  run(scene: Scene): Promise<void>
}
