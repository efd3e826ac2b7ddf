import { describe, expect, it } from 'vitest'
import { dieClasses, factsOfDieClass } from '../dies/classes/list.js'
import { countOf } from '../faults/finding.js'
import type { Plate } from '../layers/plate.js'
import { heightOf } from '../layers/stack.js'
import { SAME_LENGTH_MM } from '../numerics/tolerances.js'
import { techniqueOf } from '../techniques/list.js'
import { inspectStack } from '../techniques/inspect.js'
import { methodOf, methods, type PressedHow } from '../techniques/method.js'
import { followsSequence } from '../techniques/sequence.js'
import { type CutContext, dieClassOf } from '../job/cut-context.js'
import { aDie, aPlate } from '../testing/makers.js'
import { optimumOf } from '../testing/kept-optima.js'
import { comparedRequest, comparedSeeds, randomRequest } from '../testing/search-requests.js'
import { solveByInteger } from '../testing/integer-solver.js'
import { slowSearch } from '../testing/slow-search.js'
import { asked } from '../testing/thorough.js'
import { keyOfPieces } from '../layers/stack-reference.js'
import { points } from './ranking.js'
import { type FoundStack, type SearchRequest, searchStacks } from './search.js'

const method = methodOf({ technique: 'cut', region: 'all' })

/** What the shelf holds beside plates and pads, for what is pressed into mats and by heat. */
const forMats = [
  aPlate({ id: 'thin mat', kind: 'embossing-mat', mm: 1, count: 1 }),
  aPlate({ id: 'thick mat', kind: 'embossing-mat', mm: 3, count: 1 }),
  aPlate({ id: 'impression', kind: 'impression-pad', mm: 3, count: 1 }),
  aPlate({ id: 'warm', kind: 'heated-plate', mm: 8, count: 1 }),
  aPlate({ id: 'foil', kind: 'foil', mm: 0.02, count: 1 }),
]

/** The same question for another technique, or for what is pressed only in part: a block or two, and a pad that lies on the line. */
const asMethod = (how: PressedHow, request: SearchRequest): SearchRequest => {
  const blocks = [7.5, 8.2].map((mm, at) => aPlate({ id: `block ${at}`, kind: 'press-block', mm, count: 1 }))
  const pad = request.shelf.find((plate) => plate.kind === 'cutting-pad')
  const { takes } = techniqueOf(how.technique)
  const dieClass = dieClasses.find((each) => takes.includes(factsOfDieClass(each).use)) ?? 'thin-outline'
  const isCut = how.technique === 'cut'
  const cut = isCut
    ? request.cut
    : { ...request.cut, dies: [aDie({ dieClass })], bladeSide: 'up' as const, sheetCount: 1 }
  return {
    ...request,
    method: methodOf(how),
    cut: how.region === 'to-line' ? { ...cut, edgePadId: pad?.id } : cut,
    // Wide, as what lies in such stacks is high or low by chance.
    window: isCut
      ? request.window
      : { ...request.window, lowMm: request.window.midMm - 4, highMm: request.window.midMm + 4 },
    shelf: [...request.shelf, ...(how.region === 'under-block' ? blocks : []), ...(isCut ? [] : forMats)],
  }
}

const namesOf = (stack: FoundStack['stack']): string =>
  keyOfPieces(stack.flatMap((layer) => (layer.is === 'plate' ? [layer.plate.id] : [])))

const mustHold = (
  { method: of, cut, shelf, window }: SearchRequest,
  found: ReturnType<typeof searchStacks>['found'],
): void => {
  const places = of.places(dieClassOf(cut), cut.bladeSide, cut.rules)
  for (const { stack, squeezeMm } of found) {
    expect(followsSequence(stack, places)).toBe(true)
    expect(squeezeMm).toBeCloseTo(heightOf(stack).valueMm - window.gapMm, 9)
    expect(squeezeMm).toBeGreaterThanOrEqual(window.lowMm - 2 * SAME_LENGTH_MM)
    expect(squeezeMm).toBeLessThanOrEqual(window.highMm + 2 * SAME_LENGTH_MM)
    for (const plate of shelf)
      expect(stack.filter((layer) => layer.is === 'plate' && layer.plate === plate).length).toBeLessThanOrEqual(
        plate.count,
      )
  }
}

describe('the search', () => {
  it.each([...methods])(
    'finds every stack that trying everything finds, $technique $region, each once, in the same order',
    (how) => {
      let stacks = 0
      // What has more places, or a longer list of plates for them, is tried on fewer and smaller shelves.
      const [seeds, entries] = how.technique !== 'cut' ? [12, 8] : how.region === 'under-block' ? [16, 10] : [40, 13]
      for (let seed = 0; seed < asked(seeds, seeds / 4); seed++) {
        const request = asMethod(how, randomRequest(seed, entries))
        const { found, complete } = searchStacks(request)
        const slow = slowSearch(request)
        expect(complete).toBe(true)
        expect(found.map((each) => namesOf(each.stack))).toEqual(slow.map((each) => namesOf(each.stack)))
        expect(new Set(found.map((each) => each.key)).size).toBe(found.length)
        mustHold(request, found)
        stacks += found.length
      }
      expect(stacks).toBeGreaterThan(how.technique === 'cut' ? 40 : 15)
    },
  )

  it('finds the optimum of an integer programming solver on hundreds of random shelves', async () => {
    let compared = 0
    for (const seed of comparedSeeds.slice(0, asked(300, 60))) {
      const request = comparedRequest(seed)
      const best = searchStacks(request).found[0]
      const optimum = await optimumOf(request)
      if (optimum === null) {
        expect(best, `seed ${seed}`).toBeUndefined()
        continue
      }
      compared++
      expect(best?.cost, `seed ${seed}`).toBeCloseTo(optimum, 6)
    }
    expect(compared).toBeGreaterThan(asked(100, 40))
  })

  it('is compared with optima that the solver still finds', async () => {
    for (const seed of comparedSeeds.filter((_, at) => at % 75 === 0)) {
      const request = comparedRequest(seed)
      const [kept, solved] = [await optimumOf(request), (await solveByInteger(request)) ?? null]
      if (kept === null || solved === null) expect(kept).toBe(solved)
      else expect(kept).toBeCloseTo(solved, 6)
    }
  })

  it('keeps the same best few whether it is asked for some or for all', () => {
    for (let seed = 200; seed < 240; seed++) {
      const request = randomRequest(seed, 14)
      const all = searchStacks(request).found
      const few = searchStacks({ ...request, keep: 5 }).found
      expect(few.map((each) => each.key)).toEqual(all.slice(0, 5).map((each) => each.key))
    }
  })

  it('finds on a big shelf what trying all of it finds, and tries far less', () => {
    let bounded = 0
    for (const seed of [403, 404, 406, 407, 409, 411].slice(0, asked(6, 2))) {
      const asked = randomRequest(seed, 110)
      const request = { ...asked, shelf: asked.shelf.filter(({ kind }, at) => kind !== 'shim' || at % 7 === 0) }
      const all = searchStacks(request)
      const few = searchStacks({ ...request, keep: 36 })
      expect(few.found.map(({ key }) => key)).toEqual(all.found.slice(0, 36).map(({ key }) => key))
      expect(few.complete).toBe(all.found.length < 36)
      if (few.examined < all.examined / 4) bounded++
    }
    expect(bounded).toBeGreaterThan(asked(4, 1))
  })

  it('finds what worked before on a big shelf too', () => {
    const request = { ...randomRequest(2, 250), keep: 36 }
    const { found } = searchStacks(request)
    const [first, later] = [found[0]!, found.at(-1)!]
    const again = searchStacks({ ...request, workedBefore: new Set([later.key]) })
    expect(again.found.find(({ key }) => key === later.key)!.cost).toBeCloseTo(later.cost - points.workedBefore, 9)
    expect(again.found.map(({ key }) => key)).toContain(first.key)
  })

  it('finds the solver’s optimum among hundreds of entries', async () => {
    const request = { ...randomRequest(3, asked(1000, 300)), keep: 1 }
    expect(searchStacks(request).found[0]?.cost).toBeCloseTo((await solveByInteger(request))!, 6)
  })

  it('prefers what worked before among near equals', () => {
    let nearEquals = 0
    for (let seed = 100; seed < 160; seed++) {
      const request = randomRequest(seed, 16)
      const [first, second] = searchStacks(request).found
      if (!first || !second || second.cost - first.cost >= points.workedBefore) continue
      nearEquals++
      const again = searchStacks({ ...request, workedBefore: new Set([second.key]) })
      expect(again.found[0]?.key).toBe(second.key)
    }
    expect(nearEquals).toBeGreaterThan(5)
  })

  it('never ranks a stack with a stop above one without', () => {
    for (let seed = 300; seed < 330; seed++) {
      const request = randomRequest(seed, 12)
      const stops = searchStacks(request).found.map(({ stack }) =>
        countOf(inspectStack(method, stack, request.cut), 'stop'),
      )
      expect(stops).toEqual([...stops].sort((a, b) => a - b))
    }
  })

  it('counts a magnetic shim under a hard plate as the stop it is', () => {
    let seen = 0
    for (let seed = 400; seed < 400 + asked(40, 8); seed++) {
      const request = randomRequest(seed, 16)
      const lace: CutContext = { ...request.cut, dies: [aDie({ dieClass: 'thin-lace' })] }
      for (const { stack, cost } of searchStacks({ ...request, cut: lace }).found.slice(0, 400)) {
        const plates = stack.flatMap((layer) => (layer.is === 'plate' ? [layer.plate] : []))
        const has = (test: (plate: Plate) => boolean) => plates.some(test)
        if (has((plate) => plate.kind === 'shim' && plate.magnetic) && has((plate) => plate.kind === 'hard-plate')) {
          seen++
          expect(cost).toBeGreaterThan(points.stop / 2)
        }
      }
    }
    expect(seen).toBeGreaterThan(0)
  })

  it('finds nothing, and says so, on an empty shelf', () => {
    expect(searchStacks({ ...randomRequest(1, 8), shelf: [] })).toEqual({ found: [], complete: true, examined: 0 })
  })
})
