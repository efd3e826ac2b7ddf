import { type RandomSource, seededRandom } from '../packages/core/src/numerics/random.js'

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
  run(scene: Scene): Promise<void>
}
