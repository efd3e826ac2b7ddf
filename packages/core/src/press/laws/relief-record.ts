import { CellContact } from '../nip/cell-contact.js'
import type { ContactCells } from '../nip/contact-cells.js'
import { keptAfter } from './ridge.js'

/** What a sheet keeps along the outline of a shape that is pressed into it. It bears nothing of its own: the areas beside it do. */
export class ReliefRecord extends CellContact {
  /** Relief kept of each cell of the outline, mm. */
  readonly keptMm: Float64Array
  private heightMm = 0
  private keptShare = 0
  private setPerPass = 0

  constructor(
    radiusMm: number,
    readonly cells: ContactCells,
  ) {
    super(radiusMm, cells)
    this.keptMm = new Float64Array(cells.column.length)
  }

  /** h_s of the shape, mm; ρ and σ of the sheet. */
  prepare(heightMm: number, keptShare: number, setPerPass: number): void {
    this.heightMm = heightMm
    this.keptShare = keptShare
    this.setPerPass = setPerPass
  }

  renew(): void {
    this.keptMm.fill(0)
  }

  push(): void {
    // The areas bear what there is.
  }

  protected note(cell: number, u: number): void {
    const want = this.keptShare * Math.max(0, Math.min(u, this.heightMm))
    this.keptMm[cell] = keptAfter(this.keptMm[cell] as number, want, this.setPerPass)
  }
}
