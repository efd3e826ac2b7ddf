import { leastArborescence } from '../numerics/least-arborescence.js'
import type { Numbered, Way } from './numbered.js'
import type { Schedule } from './schedule.js'

/** Rounds in which prices are bettered, and arcs that are looked at altogether. */
const MOST_ROUNDS = 250
const MOST_ARCS = 25_000_000

/** Minutes that no way of a batch undercuts, with the fewest layers that can change before it, each worth `perChange`. */
export const leastOf = (of: Numbered, batch: number, perChange: number): number =>
  (of.waysOf[batch] as readonly Way[]).reduce((least, way) => {
    let changes = of.changes.between(of.inPress[way.press] as number, way.stack)
    for (const other of of.waysOn[way.press] as readonly Way[])
      if (other.batch !== batch) changes = Math.min(changes, of.changes.between(other.stack, way.stack))
    return Math.min(least, way.minutes + changes * perChange)
  }, Infinity)

/** How rests are reckoned with: by the handwork that cannot be less, or as a share of all handwork. */
type Rests = 'least' | 'share'

/** Minutes of rest that no sharing out of so much handwork undercuts: everybody works an hour less a rest without one, and each rest is for no more. */
const leastRests = (handMin: number, rests: readonly number[]): number => {
  const [shortest, longestWork] = [Math.min(...rests), 60 - Math.min(...rests)]
  const beyond = handMin - rests.reduce((sum, rest) => sum + 60 - rest, 0)
  return shortest * Math.max(0, Math.ceil(beyond / longestWork - 1e-9))
}

/** One relaxation: what it costs at some prices, and how the prices are to be bettered. */
class Relaxed {
  private readonly count: number
  private readonly costs: Float64Array
  private readonly fromWay: Int32Array
  private readonly toWay: Int32Array
  private readonly prices: Float64Array
  private weights: number[]

  constructor(
    private readonly of: Numbered,
    private readonly rests: Rests,
  ) {
    this.count = of.wanted.batches.length + 1
    this.costs = new Float64Array(this.count * this.count)
    this.fromWay = new Int32Array(this.count * this.count)
    this.toWay = new Int32Array(this.count * this.count)
    this.prices = new Float64Array(of.ways.length)
    this.weights = of.pressesOf.map((_, person) => (of.people.includes(person) ? 1 / of.people.length : 0))
  }

  get arcs(): number {
    return this.of.waysOn.reduce((sum, ways) => sum + ways.length * (ways.length + 1), 0)
  }

  /** What a minute of a way costs with the rests that it asks for, and what its rests are less by for whoever begins rested. */
  private restShare(person: number): number {
    const rest = this.of.wanted.restMin[person] as number
    return this.rests === 'share' ? rest / (60 - rest) : 0
  }

  private fill(): void {
    const { of, count, costs, fromWay, toWay, prices } = this
    const { presses, perChangeMin, changeWorthMin } = of.wanted
    costs.fill(Infinity)
    of.waysOn.forEach((ways, press) => {
      const person = presses[press]?.person as number
      const weight = 1 + (this.weights[person] as number)
      const perChange = weight * perChangeMin + changeWorthMin
      const share = this.restShare(person)
      for (const to of ways) {
        const own = weight * (to.minutes + share * to.handMin) - (prices[to.number] as number)
        const first = own + perChange * of.changes.between(of.inPress[press] as number, to.stack)
        const root = to.batch + 1
        if (first < (costs[root] as number)) {
          costs[root] = first
          fromWay[root] = -1
          toWay[root] = to.number
        }
        for (const from of ways) {
          if (from.batch === to.batch) continue
          const cost = own + perChange * of.changes.between(from.stack, to.stack) + (prices[from.number] as number)
          const arc = (from.batch + 1) * count + to.batch + 1
          if (cost >= (costs[arc] as number)) continue
          costs[arc] = cost
          fromWay[arc] = from.number
          toWay[arc] = to.number
        }
      }
    })
  }

  /** What rests cost beside the arcs. */
  private restsBeside(): number {
    const { of } = this
    const { people } = of
    if (this.rests === 'share')
      return people.reduce((sum, person) => {
        const tires = of.pressesOf[person]?.some((press) => of.wanted.presses[press]?.byHand)
        return sum - (tires ? (1 + (this.weights[person] as number)) * (of.wanted.restMin[person] as number) : 0)
      }, 0)
    const handMin = of.waysOf.reduce((sum, ways) => sum + Math.min(...ways.map((way) => way.handMin)), 0)
    const rest = leastRests(
      handMin,
      people.map((person) => of.wanted.restMin[person] as number),
    )
    return rest * (1 + Math.min(...people.map((person) => this.weights[person] as number)))
  }

  /** A round: a bound, and better prices after it; `best` is a cost that is known to be reached. */
  round(best: number, eagerness: number): number {
    this.fill()
    const { of, count, costs } = this
    const parent = leastArborescence(count, costs)
    const off = new Float64Array(of.ways.length)
    const load = this.weights.map(() => 0)
    let bound = this.restsBeside()
    for (let node = 1; node < count; node++) {
      const arc = (parent[node] as number) * count + node
      bound += costs[arc] as number
      const to = of.ways[this.toWay[arc] as number] as Way
      const from = this.fromWay[arc] as number
      off[to.number] = (off[to.number] as number) - 1
      if (parent[node] !== 0) off[from] = (off[from] as number) + 1
      const press = to.press
      const person = of.wanted.presses[press]?.person as number
      const lay = parent[node] === 0 ? (of.inPress[press] as number) : (of.ways[from] as Way).stack
      load[person] =
        (load[person] as number) +
        to.minutes +
        this.restShare(person) * to.handMin +
        of.wanted.perChangeMin * of.changes.between(lay, to.stack)
    }
    this.better(off, load, Math.max(0, best - bound), eagerness)
    return bound
  }

  /** Raises the price of going on from a way that was not come to, and weighs whoever has more to do. Source: M. Held and R. M. Karp (1971). */
  private better(off: Float64Array, load: readonly number[], gap: number, eagerness: number): void {
    const norm = off.reduce((sum, each) => sum + each * each, 0)
    if (norm > 0) {
      const step = (eagerness * gap) / norm
      off.forEach((each, way) => (this.prices[way] = Math.max(0, (this.prices[way] as number) + step * each)))
    }
    const all = load.reduce((sum, each) => sum + each, 0)
    if (all <= 0) return
    const raised = this.weights.map((weight, person) => weight * Math.exp((eagerness * (load[person] as number)) / all))
    const sum = raised.reduce((whole, each) => whole + each, 0)
    this.weights = raised.map((weight) => weight / sum)
  }
}

/**
 * Minutes of cost that no schedule undercuts: every batch hangs from one other or from what lies in its press, each leads on to one at most
 * and in the way it was come to (Lagrange's multipliers price what is not so), and whoever is done last has no less than a weighted share.
 */
export const boundOfCost = (of: Numbered, best: Schedule): number => {
  let bound = 0
  for (const rests of ['least', 'share'] as const) {
    const relaxed = new Relaxed(of, rests)
    const rounds = Math.max(1, Math.min(MOST_ROUNDS, Math.floor(MOST_ARCS / relaxed.arcs)))
    for (let round = 0; round < rounds; round++) {
      bound = Math.max(bound, relaxed.round(best.cost, 1.2 * (1 - round / rounds)))
      if (bound >= best.cost - 1e-7) return Math.min(bound, best.cost)
    }
  }
  return Math.min(bound, best.cost)
}

/** Minutes late that no schedule undercuts: no job is done before the quickest of its batches, each as if it came first. */
export const boundOfLate = (of: Numbered): number => {
  const { jobs, batches, perChangeMin } = of.wanted
  const least = batches.map((_, batch) => leastOf(of, batch, perChangeMin))
  return jobs.reduce((sum, { dueMin }, job) => {
    if (dueMin === undefined) return sum
    const its = batches.flatMap((batch, at) => (batch.jobs.includes(job) ? [least[at] as number] : []))
    // One person can do no two at once.
    const longest = Math.max(0, ...its, its.reduce((all, each) => all + each, 0) / of.people.length)
    return sum + Math.max(0, longest - dueMin)
  }, 0)
}
