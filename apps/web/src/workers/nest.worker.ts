import { nest, type Nest, type NestWanted } from '@bold-heron/core'
import { expose } from 'comlink'

const givenUp = new Set<number>()
/** ms between two breaths, in which whoever asked may say that it is enough. */
const BREATH_MS = 15

const nesting = {
  /** Lays pieces for so long at most; `onFound` hears of everything that is better than before. */
  async lay(
    task: number,
    wanted: NestWanted,
    ms: number,
    onFound: (found: Nest) => unknown,
  ): Promise<Nest | undefined> {
    const until = performance.now() + ms
    let best: Nest | undefined
    let told = 0
    let breathed = performance.now()
    for (const found of nest(wanted)) {
      best = found
      if (found.usedShare > told) {
        told = found.usedShare
        void onFound(found)
      }
      const now = performance.now()
      if (now >= until || found.leftOutCounts.every((count) => count === 0)) break
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
