import { CellContact } from '../nip/cell-contact.js'
import type { ContactCells } from '../nip/contact-cells.js'
import { keptAfter, ridgeForce, type RidgeLaw, ridgeSlope, severingForce, tipForce } from './ridge.js'
import { CUTS_MAT_FROM, CUTS_THROUGH_FROM } from '../constants.js'

/** The blades of dies under a sheet, pressed through it into a mat. What stays behind is the depth kept, and where sheet or mat were cut. */
export class RidgeContact extends CellContact {
  /** Depth kept of each cell, mm. */
  readonly keptMm: Float64Array
  /** Greatest share of the severing force that each cell's tip has borne. */
  readonly strain: Float64Array
  private law: RidgeLaw | undefined

  constructor(
    radiusMm: number,
    readonly cells: ContactCells,
  ) {
    super(radiusMm, cells)
    this.keptMm = new Float64Array(cells.column.length)
    this.strain = new Float64Array(cells.column.length)
  }

  /** Sets the law; the sheet stays as it is creased so far. */
  prepare(law: RidgeLaw): void {
    this.law = law
  }

  /** A whole sheet. */
  renew(): void {
    this.keptMm.fill(0)
    this.strain.fill(0)
  }

  push(
    travel: Float64Array,
    station: number,
    first: number,
    last: number,
    load: Float64Array,
    slope: Float64Array,
  ): void {
    const { law, windows, bendMm } = this
    if (!law) return
    const { column, offsetMm, lengthMm, die, shapes, grid } = this.cells
    const perThroat = 1 / grid.yMm
    for (let row = first; row <= last; row++) {
      const z = travel[row] as number
      let q = 0
      let dq = 0
      const to = windows.to[row] as number
      for (let cell = windows.from[row] as number; cell < to; cell++) {
        const away = (column[cell] as number) - station
        const u = z + (offsetMm[cell] as number) - away * away * bendMm
        if (u <= 0) continue
        const shape = shapes[die[cell] as number] as (typeof shapes)[number]
        const mm = lengthMm[cell] as number
        q += mm * ridgeForce(law, shape, u)
        dq += mm * ridgeSlope(law, shape, u)
      }
      load[row] = (load[row] as number) + q * perThroat
      slope[row] = (slope[row] as number) + dq * perThroat
    }
  }

  protected note(cell: number, u: number): void {
    const { law, keptMm, strain } = this
    if (!law || u <= 0) return
    const { sheet } = law
    const { die, shapes } = this.cells
    const { bladeHeightMm } = shapes[die[cell] as number] as (typeof shapes)[number]
    const want = sheet.keptShare * Math.min(u, bladeHeightMm)
    keptMm[cell] = keptAfter(keptMm[cell] as number, want, sheet.setPerPass)
    const share = tipForce(law, u) / severingForce(sheet)
    if (share > (strain[cell] as number)) strain[cell] = share
  }

  /** Shares of the line: cut through, and with the mat under it cut. */
  cutShares(): { readonly cutThroughShare: number; readonly matCutShare: number } {
    return {
      cutThroughShare: this.shareOf(this.strain, CUTS_THROUGH_FROM),
      matCutShare: this.shareOf(this.strain, CUTS_MAT_FROM),
    }
  }

  /** Share of the line, 0…1, whose cells have at least this. */
  private shareOf(values: Float64Array, least: number): number {
    const { lengthMm, totalMm } = this.cells
    let mm = 0
    for (let cell = 0; cell < values.length; cell++)
      if ((values[cell] as number) >= least) mm += lengthMm[cell] as number
    return totalMm > 0 ? mm / totalMm : 0
  }
}
