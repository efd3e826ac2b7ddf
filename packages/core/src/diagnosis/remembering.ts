import type { Replay, Replayed } from './replay.js'
import type { Variation } from './variation.js'

/** What is the same to a hundredth is pressed once. */
export class Remembering {
  private readonly known = new Map<string, Replayed>()
  constructor(private readonly replay: Replay) {}

  of(variations: readonly Variation[]): Replayed {
    if (variations.some(({ heights, lowerMm, comesOut }) => heights ?? lowerMm ?? comesOut))
      return this.replay.of(variations)
    const name = variations
      .flatMap(({ squeezeMm, strength, effort, moreSheets }) => [squeezeMm, strength, effort, moreSheets])
      .map((each) => each.toFixed(2))
      .join(' ')
    const known = this.known.get(name)
    if (known) return known
    const made = this.replay.of(variations)
    this.known.set(name, made)
    return made
  }
}
