import type { ResponseRecords } from '../bases/recorded-responses.js'
import { factsOfDieClass } from '../dies/classes/list.js'
import type { ResponseRecord } from '../goals/response-record.js'
import type { SimulatedResponses } from '../planner/simulated-responses.js'
import { type Steps, within } from '../numerics/steps.js'
import type { EveningRequest } from './evening-request.js'
import { keyOfLay, type Lay, type LayGroup, LayOuts, laysOf, largestPad, piecesOfCopies, setsOf } from './lays.js'
import { type OptionsOfLay, optionSteps } from './options.js'
import { minutesOfRun } from './timing.js'

/** Minutes that the quickest ways of lays take together; Infinity where one cannot be pressed. */
const quickest = (lays: readonly OptionsOfLay[]): number =>
  lays.reduce((sum, { options }) => sum + Math.min(Infinity, ...options.map(({ minutes }) => minutes)), 0)

/** Minutes that no way of lays undercuts: as many sheets at once as the class bears, in one pass each, fed no further than the die is long. */
const leastAlone = ({ presses }: EveningRequest, lays: readonly Lay[]): number =>
  lays.reduce((sum, lay) => {
    const sets = setsOf(lay)
    const most = Math.min(...lay.dies.map(({ dieClass }) => factsOfDieClass(dieClass).mostSheets))
    const copies = lay.jobs.reduce((count, each) => count + piecesOfCopies(each), 0)
    const feedMm = Math.max(...lay.dies.map(({ lengthMm, widthMm }) => Math.min(lengthMm, widthMm)))
    const minutes = presses.map(({ press, timing }) =>
      minutesOfRun(press, timing, { passes: 1, feedMm, pieces: copies * Math.min(most, sets) }),
    )
    return sum + Math.ceil(sets / most) * Math.min(...minutes)
  }, 0)

/** Ways to lay the jobs of an evening, with the stacks that are sure of each on every press. */
interface FoundLays {
  /** Of each group the ways that are worth putting in order. */
  readonly groups: readonly LayGroup[]
  readonly optionsOf: (lays: readonly Lay[]) => OptionsOfLay[]
  readonly made: ResponseRecords
}

/** Lays the jobs side by side and alone, and finds the stacks that are sure on each press for whoever stands there. */
export function* foundLaysSteps(
  request: EveningRequest,
  answers: ReadonlyMap<string, ResponseRecord>,
  live: SimulatedResponses,
): Steps<FoundLays> {
  const pad = largestPad(request.shelf, request.presses) ?? [0, 0]
  const layOuts = new LayOuts()
  const groups = laysOf(request.jobs, pad, request.gapMm, layOuts)
  const made: ResponseRecords = new Map()
  const known = new Map(answers)
  const byLay = new Map<string, OptionsOfLay>()
  /** Finds the ways of lays that have not been asked for yet, on every press. */
  function* find(all: readonly Lay[], share: readonly [number, number]): Steps<void> {
    const lays = [...new Map(all.map((lay) => [keyOfLay(lay), lay])).values()].filter(
      (lay) => !byLay.has(keyOfLay(lay)),
    )
    if (lays.length === 0) return
    for (const [at, on] of request.presses.entries()) {
      const part = (its: number): number => share[0] + ((share[1] - share[0]) * its) / request.presses.length
      const found = yield* within(optionSteps(request, on, lays, layOuts, known, live), [part(at), part(at + 1)])
      found.made.forEach((each, name) => {
        made.set(name, each)
        known.set(name, each)
      })
      for (const each of found.options) {
        const key = keyOfLay(each.lay)
        const there = byLay.get(key)
        const both = there && {
          ...there,
          laid: new Map([...there.laid, ...each.laid]),
          options: [...there.options, ...each.options],
          others: () => [...there.others(), ...each.others()],
        }
        byLay.set(key, both ?? each)
      }
    }
  }
  const optionsOf = (its: readonly Lay[]): OptionsOfLay[] => its.map((lay) => byLay.get(keyOfLay(lay)) as OptionsOfLay)
  yield* find(
    groups.flatMap(({ ways: [first] }) => first ?? []),
    [0, 0.6],
  )
  // Where nothing is due, and nothing alone could be quicker, other ways to lay need not be looked at.
  const open = groups.map((group) => {
    const [first = [], ...others] = group.ways
    const alone = others.at(-1)
    return !group.anyDue && alone && quickest(optionsOf(first)) <= leastAlone(request, alone)
      ? { ...group, ways: [first] }
      : group
  })
  yield* find(
    open.flatMap(({ ways }) => ways.flat()),
    [0.6, 0.9],
  )
  return { groups: open, optionsOf, made }
}
