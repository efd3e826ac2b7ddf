import { SAME_COST } from '../numerics/tolerances.js'

/** Something with a cost, and a name that settles ties. */
export interface Ranked {
  readonly cost: number
  readonly key: string
}

/** Cheapest first; equal costs by name, so that the order never depends on who was found first. */
export const byCost = (one: Ranked, other: Ranked): number =>
  Math.abs(one.cost - other.cost) > SAME_COST
    ? one.cost - other.cost
    : one.key < other.key
      ? -1
      : one.key > other.key
        ? 1
        : 0

/** Keeps the cheapest `most` of what is offered. */
export class BestKept<Item extends Ranked> {
  private kept: Item[] = []
  private sorted = true

  private lastBar = Infinity
  private readonly slack: number

  constructor(private readonly most: number) {
    this.slack = Math.max(1, most / 4)
  }

  /**
   * Cost that a newcomer must not exceed; infinite while there is room. It may be that of some moments ago, which is never too low: to
   * sort after every newcomer would cost more than it saves.
   */
  get bar(): number {
    return this.lastBar
  }

  offer(item: Item): void {
    this.kept.push(item)
    this.sorted = false
    const isFirstFull = this.lastBar === Infinity && this.kept.length >= this.most
    if (isFirstFull || this.kept.length >= this.most + this.slack) this.settle()
  }

  list(): readonly Item[] {
    this.settle()
    return this.kept
  }

  private settle(): void {
    if (this.sorted) return
    this.kept.sort(byCost)
    if (this.kept.length > this.most) this.kept.length = this.most
    this.sorted = true
    if (this.kept.length === this.most) this.lastBar = (this.kept[this.most - 1] as Item).cost + SAME_COST
  }
}
