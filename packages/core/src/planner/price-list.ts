import type { Plate } from '../layers/plate.js'
import type { Role } from '../layers/layer.js'
import type { Method } from '../techniques/method.js'
import type { CutContext } from '../job/cut-context.js'
import type { PlatesPlace } from '../techniques/technique.js'
import { costOfDoubt, costOfPair, costOfPiece } from './ranking.js'
import type { SqueezeWindow } from '../learning/squeeze-window.js'

/**
 * Ranking points of every piece in every place and of every two pieces together, each worked out once, so that trying a stack is
 * adding numbers up. Plates go by their place on the shelf.
 */
export class PriceList {
  private readonly pairs: Float64Array
  private readonly places = new Map<PlatesPlace, Float64Array>()
  private readonly size: number

  constructor(
    private readonly method: Method,
    private readonly cut: CutContext,
    private readonly window: SqueezeWindow,
    private readonly shelf: readonly Plate[],
    private readonly allows: (role: Role, plate: Plate) => boolean = () => true,
  ) {
    this.size = shelf.length
    this.pairs = new Float64Array(this.size ** 2).fill(Number.NaN)
  }

  /** Of two pieces, of one entry too, in one stack; worked out when it is first asked for, as of a big shelf few pairs ever are. */
  ofPair(one: number, other: number): number {
    const known = this.pairs[one * this.size + other] as number
    if (!Number.isNaN(known)) return known
    const [first, second] = one <= other ? [one, other] : [other, one]
    const price = costOfPair(this.method, this.shelf[first] as Plate, this.shelf[second] as Plate, this.cut)
    this.pairs[one * this.size + other] = price
    this.pairs[other * this.size + one] = price
    return price
  }

  /** Prices of all plates in a place; infinite for those that may not stand there. */
  inPlace(place: PlatesPlace): Float64Array {
    const known = this.places.get(place)
    if (known) return known
    const prices = Float64Array.from(this.shelf, (plate) =>
      place.kinds.includes(plate.kind) && this.allows(place.role, plate)
        ? costOfPiece(this.method, place.role, plate, this.cut)
        : Infinity,
    )
    this.places.set(place, prices)
    return prices
  }

  /** What `count` pieces of an entry cost for the doubt in their thickness. */
  ofDoubt(plate: number, count: number): number {
    return costOfDoubt(this.shelf[plate] as Plate, count, this.window)
  }
}
