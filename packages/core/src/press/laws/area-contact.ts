import type { AreaCells } from '../nip/area-cells.js'
import { CellContact } from '../nip/cell-contact.js'
import { areaPressure, type MatLaw, STIFF_FROM } from './mat.js'

/** Kept in this file, as the loop over the cells must not reach for another module's variable. */
const STIFF = STIFF_FROM

/** An area pressed into something that gives way. What stays behind is the greatest pressure that each cell has borne in the pass. */
export class AreaContact extends CellContact {
  /** MPa, by cell, of the pass that was made last. */
  readonly pressureMPa: Float64Array
  private law: MatLaw | undefined

  constructor(
    radiusMm: number,
    readonly cells: AreaCells,
  ) {
    super(radiusMm, cells)
    this.pressureMPa = new Float64Array(cells.column.length)
  }

  prepare(law: MatLaw): void {
    this.law = law
  }

  override startPass(): void {
    super.startPass()
    this.pressureMPa.fill(0)
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
    const { column, offsetMm, share, grid } = this.cells
    const { thicknessMm, modulusMPa } = law
    const perThickness = 1 / thicknessMm
    for (let row = first; row <= last; row++) {
      const z = travel[row] as number
      let q = 0
      let dq = 0
      const to = windows.to[row] as number
      for (let cell = windows.from[row] as number; cell < to; cell++) {
        const away = (column[cell] as number) - station
        const e = (z + (offsetMm[cell] as number) - away * away * bendMm) * perThickness
        if (e <= 0) continue
        const part = share[cell] as number
        const held = e < STIFF ? e : STIFF
        const left = 1 / (1 - held)
        // e/(1−e) up to the bound, and straight on from there.
        q += part * (held * left + (e - held) * left * left)
        dq += part * left * left
      }
      load[row] = (load[row] as number) + modulusMPa * grid.xMm * q
      slope[row] = (slope[row] as number) + modulusMPa * grid.xMm * perThickness * dq
    }
  }

  protected note(cell: number, u: number): void {
    if (this.law) this.pressureMPa[cell] = areaPressure(this.law, u)
  }
}
