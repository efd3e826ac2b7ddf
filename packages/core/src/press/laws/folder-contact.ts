import { AreaContact } from './area-contact.js'
import { keptAfter } from './ridge.js'
import { FORMING_MPA, FORMING_PER_PASS } from '../constants.js'

/** Share of a folder's pattern that a pressure in MPa would form, 0…1. */
export const formedAt = (pressureMPa: number): number => 1 - Math.exp(-pressureMPa / FORMING_MPA)

/** A folder with its sheet in it. What stays behind is how far its pattern is formed. */
export class FolderContact extends AreaContact {
  /** Share formed of each cell, 0…1. */
  readonly formed = new Float64Array(this.cells.column.length)
  /** Greatest pressure of the passes so far, MPa. */
  peakPressureMPa = 0

  /** A whole sheet. */
  renew(): void {
    this.formed.fill(0)
    this.peakPressureMPa = 0
  }

  protected override note(cell: number, u: number): void {
    super.note(cell, u)
    const pressureMPa = this.pressureMPa[cell] as number
    if (pressureMPa > this.peakPressureMPa) this.peakPressureMPa = pressureMPa
    this.formed[cell] = keptAfter(this.formed[cell] as number, formedAt(pressureMPa), FORMING_PER_PASS)
  }

  /** How far it is formed, 0…1: mean by area, and least. */
  formedMean(): { readonly formedShare: number; readonly leastFormedShare: number } {
    const { share } = this.cells
    let sum = 0
    let all = 0
    let least = 1
    for (let cell = 0; cell < share.length; cell++) {
      const part = share[cell] as number
      const formed = this.formed[cell] as number
      sum += part * formed
      all += part
      if (formed < least) least = formed
    }
    return all > 0 ? { formedShare: sum / all, leastFormedShare: least } : { formedShare: 0, leastFormedShare: 0 }
  }
}
