import { type Enough, nest, type Nest, type NestWanted } from '@bold-heron/core'
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
    enough: Enough,
    onFound: (found: Nest) => unknown,
  ): Promise<Nest | undefined> {
    const until = performance.now() + ms
    let best: Nest | undefined
    let told = ''
    let breathed = performance.now()
    for (const found of nest(wanted)) {
      best = found
      const spots = JSON.stringify(found.placed)
      if (spots !== told) {
        told = spots
        void onFound(found)
      }
      const now = performance.now()
      if (now >= until || (enough === 'fits' && found.leftOutCounts.every((count) => count === 0))) break
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
