import { type Enough, limitsOf, nest, type Nest, nestEndsBy, type NestEnd, type NestWanted } from '@bold-heron/core'
import { expose } from 'comlink'

/** What was laid when the looking ended, and what ended it where it did not come to its own end. */
export type LaidPieces = Nest & { readonly endedBy: NestEnd | undefined }

const givenUp = new Set<number>()
/** ms between two breaths, in which whoever asked may say that it is enough. */
const BREATH_MS = 15

const nesting = {
  /** Lays pieces in as many steps as fit into so many ms; `onFound` hears of everything that is better than before. */
  async lay(
    task: number,
    wanted: NestWanted,
    ms: number,
    enough: Enough,
    onFound: (found: Nest) => unknown,
  ): Promise<LaidPieces | undefined> {
    const limits = limitsOf(ms)
    const from = performance.now()
    let best: LaidPieces | undefined
    let told = ''
    let breathed = performance.now()
    for (const found of nest(wanted)) {
      const endedBy = nestEndsBy(found, limits, performance.now() - from, enough)
      best = { ...found, endedBy }
      const spots = JSON.stringify(found.placed)
      if (spots !== told) {
        told = spots
        void onFound(found)
      }
      if (endedBy) break
      const now = performance.now()
      if (now - breathed < BREATH_MS) continue
      await new Promise((resolve) => setTimeout(resolve))
      breathed = performance.now()
      if (givenUp.delete(task)) break
    }
    return best
  },
  giveUp: (task: number): void => void givenUp.add(task),
}
export type NestWorker = typeof nesting

expose(nesting)
