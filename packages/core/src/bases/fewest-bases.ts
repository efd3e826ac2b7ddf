/**
 * Which base stacks to keep: each must earn its place. `costs` holds what a base costs in a cell, row by row of bases, Infinity where it
 * does not serve; a cell that no kept base serves for less costs `emptyCost`.
 */
export interface BasesWanted {
  readonly cells: number
  readonly bases: number
  readonly costs: Float64Array
  /** λ: what keeping a base costs, in empty cells. */
  readonly perBase: number
  readonly emptyCost: number
  /** Nodes of the search looked at before it is content with a bound; usually far fewer are needed. */
  readonly mostNodes?: number
}

export interface ChosenBases {
  /** Ascending. */
  readonly chosen: readonly number[]
  readonly cost: number
  /** No choice costs less than this; equal to `cost` where `proven`. */
  readonly bound: number
  readonly proven: boolean
  readonly nodes: number
}

/** Costs nearer than this are one. */
const SAME = 1e-9
const MOST_NODES = 4000
/** Steps towards the best bound: at the root, where it counts for all, and at every node, from where its parent came to. */
const STEPS_AT_ROOT = 600
const STEPS_AT_NODE = 60
/** A step is halved when so many did not help. */
const PATIENCE = 15

/** The cells that each base serves for less than leaving them empty, as flat arrays: base `b` has `from[b]` up to `from[b + 1]`. */
interface Serving {
  readonly from: Int32Array
  readonly cell: Int32Array
  readonly cost: Float64Array
}

const servingOf = ({ cells, bases, costs, emptyCost }: BasesWanted): Serving => {
  const from = new Int32Array(bases + 1)
  const cell: number[] = []
  const cost: number[] = []
  for (let base = 0; base < bases; base++) {
    for (let at = 0; at < cells; at++) {
      const its = costs[base * cells + at] as number
      if (its >= emptyCost) continue
      cell.push(at)
      cost.push(its)
    }
    from[base + 1] = cell.length
  }
  return { from, cell: Int32Array.from(cell), cost: Float64Array.from(cost) }
}

/** A choice of bases and what it costs, changed base by base for as long as that is cheaper. */
class Improving {
  private readonly least: Float64Array

  constructor(
    private readonly wanted: BasesWanted,
    private readonly serving: Serving,
  ) {
    this.least = new Float64Array(wanted.cells)
  }

  costOf(set: readonly number[]): number {
    const { serving, least } = this
    const { perBase, emptyCost } = this.wanted
    least.fill(emptyCost)
    for (const base of set)
      for (let at = serving.from[base] as number; at < (serving.from[base + 1] as number); at++) {
        const cell = serving.cell[at] as number
        if ((serving.cost[at] as number) < (least[cell] as number)) least[cell] = serving.cost[at] as number
      }
    return least.reduce((sum, cost) => sum + cost, set.length * perBase)
  }

  /** Without the bases that do not earn their place among the others. */
  pruned(set: readonly number[]): Choice {
    let left = [...set]
    let cost = this.costOf(left)
    for (const out of set) {
      const without = left.filter((each) => each !== out)
      const its = this.costOf(without)
      if (its >= cost - SAME) continue
      left = without
      cost = its
    }
    return { set: left, cost }
  }

  /** Puts in, takes out and swaps single bases. */
  improved(from: readonly number[]): Choice {
    let best: Choice = { set: from, cost: this.costOf(from) }
    for (;;) {
      const now = best
      const offer = (set: readonly number[]): void => {
        const cost = this.costOf(set)
        if (cost < best.cost - SAME) best = { set, cost }
      }
      for (const out of now.set) offer(now.set.filter((each) => each !== out))
      for (let base = 0; base < this.wanted.bases; base++) {
        if (now.set.includes(base)) continue
        offer([...now.set, base])
        for (const out of now.set) offer([...now.set.filter((each) => each !== out), base])
      }
      if (best === now) return now
    }
  }
}

interface Choice {
  readonly set: readonly number[]
  readonly cost: number
}

type Status = 'free' | 'open' | 'closed'

/**
 * Bounds from below by Lagrange's multipliers: every cell offers what it would pay to be served (at most what staying empty costs), and a
 * base is opened where the offers exceed λ and what serving costs. Whatever is offered, offers less what the opened bases take in too
 * much is a bound; subgradient steps raise it (M. Held, P. Wolfe and H. Crowder, "Validation of subgradient optimization",
 * Mathematical Programming 6, 1974).
 */
class Bounding {
  /** λ less what the cells offer a base for being served; below 0 it opens. */
  readonly reduced: Float64Array
  /** How often each base was opened of late, 0…1. */
  readonly opened: Float64Array
  private readonly surplus: Float64Array

  constructor(
    private readonly wanted: BasesWanted,
    private readonly serving: Serving,
    private readonly status: readonly Status[],
  ) {
    this.reduced = new Float64Array(wanted.bases)
    this.opened = new Float64Array(wanted.bases)
    this.surplus = new Float64Array(wanted.cells)
  }

  /** The bound that offers give; `reduced` and `surplus` are left as they are for them. */
  at(offers: Float64Array): number {
    const { serving, status, reduced, surplus, opened } = this
    const { bases, perBase } = this.wanted
    surplus.fill(1)
    let bound = offers.reduce((sum, offer) => sum + offer, 0)
    for (let base = 0; base < bases; base++) {
      if (status[base] === 'closed') continue
      const to = serving.from[base + 1] as number
      let left = perBase
      for (let at = serving.from[base] as number; at < to; at++) {
        const over = (offers[serving.cell[at] as number] as number) - (serving.cost[at] as number)
        if (over > 0) left -= over
      }
      reduced[base] = left
      const opens = status[base] === 'open' || left < 0
      opened[base] = 0.9 * (opened[base] as number) + (opens ? 0.1 : 0)
      if (!opens) continue
      bound += left
      for (let at = serving.from[base] as number; at < to; at++) {
        const cell = serving.cell[at] as number
        if ((offers[cell] as number) > (serving.cost[at] as number)) surplus[cell]!--
      }
    }
    return bound
  }

  /** Raises the bound in so many steps; `offers` are left where it was highest. */
  raise(offers: Float64Array, steps: number, cheapest: number): number {
    const { surplus } = this
    const { cells, emptyCost } = this.wanted
    let best = this.at(offers)
    const bestOffers = offers.slice()
    let bound = best
    let scale = 1
    let vain = 0
    for (let step = 0; step < steps && best < cheapest - SAME; step++) {
      let square = 0
      for (let cell = 0; cell < cells; cell++)
        if (!((surplus[cell] as number) > 0 && (offers[cell] as number) >= emptyCost))
          square += (surplus[cell] as number) ** 2
      if (square === 0) break
      const by = (scale * Math.max(cheapest - bound, 1e-3)) / square
      for (let cell = 0; cell < cells; cell++)
        offers[cell] = Math.min(emptyCost, (offers[cell] as number) + by * (surplus[cell] as number))
      bound = this.at(offers)
      if (bound > best + SAME) {
        best = bound
        bestOffers.set(offers)
        vain = 0
      } else if (++vain >= PATIENCE) {
        scale /= 2
        vain = 0
        offers.set(bestOffers)
        bound = this.at(offers)
        if (scale < 1e-4) break
      }
    }
    offers.set(bestOffers)
    return this.at(offers)
  }
}

/**
 * Chooses the bases exactly: the uncapacitated facility location problem, by branch and bound over Lagrange's bound. Where the search
 * would take too long it says how far off its choice can be at most. Checked against an integer solver in the tests.
 */
export const chooseBases = (wanted: BasesWanted): ChosenBases => {
  const { cells, bases, emptyCost, mostNodes = MOST_NODES } = wanted
  const serving = servingOf(wanted)
  const status = Array<Status>(bases).fill('free')
  const improving = new Improving(wanted, serving)
  const bounding = new Bounding(wanted, serving, status)
  let best = improving.improved([])
  let nodes = 0
  let unproven = Infinity

  const search = (from: Float64Array, steps: number): void => {
    nodes++
    const offers = from.slice()
    const bound = bounding.raise(offers, steps, best.cost)
    if (bound >= best.cost - SAME) return
    if (nodes > mostNodes) {
      unproven = Math.min(unproven, bound)
      return
    }
    const settled: number[] = []
    const opening: number[] = []
    let branch: number | undefined
    let nearest = Infinity
    for (let base = 0; base < bases; base++) {
      if (status[base] === 'open') opening.push(base)
      if (status[base] !== 'free') continue
      const reduced = bounding.reduced[base] as number
      if (reduced < 0) opening.push(base)
      // To do otherwise with it would cost what it saves, or what it costs too much, on top.
      if (bound + Math.abs(reduced) >= best.cost - SAME) {
        status[base] = reduced < 0 ? 'open' : 'closed'
        settled.push(base)
        continue
      }
      const doubt = Math.abs((bounding.opened[base] as number) - 0.5)
      if (doubt < nearest) {
        nearest = doubt
        branch = base
      }
    }
    const reached = nodes === 1 ? improving.improved(opening) : improving.pruned(opening)
    if (reached.cost < best.cost - SAME) best = reached
    if (branch === undefined) {
      const open = status.flatMap((each, base) => (each === 'open' ? [base] : []))
      const cost = improving.costOf(open)
      if (cost < best.cost - SAME) best = { set: open, cost }
    } else {
      const ways: Status[] = (bounding.opened[branch] as number) >= 0.5 ? ['open', 'closed'] : ['closed', 'open']
      for (const way of ways) {
        status[branch] = way
        search(offers, STEPS_AT_NODE)
      }
      status[branch] = 'free'
    }
    for (const base of settled) status[base] = 'free'
  }

  search(new Float64Array(cells).fill(emptyCost / 2), STEPS_AT_ROOT)
  const bound = Math.min(best.cost, unproven)
  return { chosen: [...best.set].sort((a, b) => a - b), cost: best.cost, bound, proven: unproven === Infinity, nodes }
}
