import { type BitMap } from './bit-map.js'
import { reachOf, type TurnedForm } from './form.js'
import type { Room } from './room.js'

/** A piece in its place: which turned form, at which point of the lattice. */
export interface Spot {
  readonly form: number
  readonly x: number
  readonly y: number
}

/** A direction that pieces are pushed in, as a unit vector's opposite: the least reach along it wins. */
export interface Push {
  readonly ux: number
  readonly uy: number
}

/** Words of a map that cost as much as looking for the first free place of a row. Measured. */
const WORK_PER_ROW = 4

/** Pieces on a sheet, and for every turned form the places that are still free. */
export class Arrangement {
  private readonly free: BitMap[]
  readonly placed: Spot[] = []
  readonly left: number[]

  constructor(
    private readonly room: Room,
    readonly forms: readonly TurnedForm[],
    private readonly counts: readonly number[],
  ) {
    this.free = forms.map((form) => room.sheetMap(form).copy())
    this.left = [...counts]
  }

  place(spot: Spot): void {
    const one = this.forms[spot.form] as TurnedForm
    this.forms.forEach((form, at) => {
      if (this.left[form.piece] === 0) return
      const { map, dx, dy } = this.room.clash(one, form)
      ;(this.free[at] as BitMap).clearUnder(map, spot.x + dx, spot.y + dy)
      this.room.work += map.words.length
    })
    this.placed.push(spot)
    this.left[one.piece] = (this.left[one.piece] as number) - 1
  }

  /** Begins anew with some pieces in their places. */
  restart(spots: readonly Spot[]): void {
    this.forms.forEach((form, at) => (this.free[at] as BitMap).copyFrom(this.room.sheetMap(form)))
    this.placed.length = 0
    this.counts.forEach((count, piece) => (this.left[piece] = count))
    for (const spot of spots) this.place(spot)
  }

  /** The free place of a piece that reaches least along a direction, in any of its turns; undefined where it has none. */
  leastReach(piece: number, { ux, uy }: Push): Spot | undefined {
    let best: Spot | undefined
    let least = Infinity
    this.forms.forEach((form, at) => {
      if (form.piece !== piece) return
      const free = this.free[at] as BitMap
      const own = reachOf(form, ux, uy) / this.room.stepMm
      this.room.work += WORK_PER_ROW * free.height
      for (let y = 0; y < free.height; y++) {
        const x = ux >= 0 ? free.firstIn(y) : free.lastIn(y)
        if (x < 0) continue
        const reach = own + ux * x + uy * y
        if (reach < least - 1e-9) {
          least = reach
          best = { form: at, x, y }
        }
      }
    })
    return best
  }

  /** Lays pieces, in the order given, each where it reaches least, until none finds a place; a step a piece. */
  *fill(order: readonly number[], push: Push): Generator<void> {
    for (const piece of order)
      while ((this.left[piece] as number) > 0) {
        const spot = this.leastReach(piece, push)
        if (!spot) break
        this.place(spot)
        yield
      }
  }
}
