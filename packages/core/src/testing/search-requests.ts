import { randomInteger, randomItem, seededRandom } from '../numerics/random.js'
import { ruleOfThumb } from '../goals/clean-cut/rule-of-thumb.js'
import type { SearchRequest } from '../planner/search.js'
import { methodOf } from '../techniques/method.js'
import { aCut, aDie, aKnownGood, aPress, aSheet, randomShelf } from './makers.js'

/** A question to the search as somebody might ask it, of a shelf of so many entries; the same again for the same seed. */
export const randomRequest = (seed: number, entries: number): SearchRequest => {
  const random = seededRandom(seed)
  const shelf = randomShelf(random, entries)
  const dieClass = randomItem(random, ['thin-outline', 'thin-lace', 'small-cased'] as const)
  const known = Array.from({ length: randomInteger(random, 0, 2) }, (_, index) =>
    aKnownGood({ id: `k${index}`, plates: [shelf[0]!, shelf[2]!, shelf[2]!, randomItem(random, shelf)] }),
  )
  const cut = aCut({
    press: aPress({ knownGood: known }),
    dies: [aDie({ dieClass, lengthMm: randomInteger(random, 30, 150), widthMm: randomInteger(random, 30, 120) })],
    sheet: aSheet({ mm: randomInteger(random, 10, 45) / 100 }),
    sheetCount: randomInteger(random, 1, 3),
    bladeSide: randomItem(random, ['down', 'up'] as const),
  })
  return {
    method: methodOf({ technique: 'cut', region: 'all' }),
    cut,
    window: ruleOfThumb.window(cut),
    shelf,
    workedBefore: new Set(),
    keep: Infinity,
  }
}

/** The questions that are compared with an integer programming solver. */
export const comparedSeeds: readonly number[] = Array.from({ length: 300 }, (_, at) => 1000 + at)
export const comparedRequest = (seed: number): SearchRequest => ({ ...randomRequest(seed, 22), keep: 1 })
