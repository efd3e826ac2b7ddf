import { performance } from 'node:perf_hooks'
import { type Nest, nest as triesOf } from '@bold-heron/core'
import { answerOfNest, type NestAnswer, nestFile, wantedOfNest } from '@bold-heron/schema'
import { judged, readJson } from '../read-file.js'

/** Lays pieces on a sheet by their true outlines, as well as it can in the time that is given. */
export const nest = (file: string): Promise<NestAnswer> =>
  Promise.resolve().then(() => {
    const asked = judged(nestFile, readJson(file))
    const until = performance.now() + 1000 * asked.secondsAtMost
    let best: Nest = { placed: [], usedShare: 0, leftOutCounts: asked.pieces.map(({ count }) => count) }
    for (best of triesOf(wantedOfNest(asked)))
      if (performance.now() >= until || best.leftOutCounts.every((count) => count === 0)) break
    return answerOfNest(best)
  })
