import type { RollerFrame } from '../mechanics.js'
import { CellContact } from '../nip/cell-contact.js'
import type { ContactCells } from '../nip/contact-cells.js'
import { type BladeLaw, MOST_SQUASH, reachOf } from './blade.js'

/** What is kept of a cell for the hot loop, side by side. */
const PACK = 6
/** Its column; then, each after the other: */
const HEIGHT = 1 // local height against the tallest die on an even stack, mm
const RELIEF = 2 // what the old kerf takes off the cutting line, N per mm of blade
const WEIGHT = 3 // line per mm of throat, mm/mm
const ROOT = 4 // travel at which the die's body reaches the sheet, mm
const STIFF = 5 // the body's squash, N per mm of throat

/** Kept in this file, as the loop over the cells must not reach for another module's variable. */
const FULL_SQUASH = MOST_SQUASH

/**
 * The blades of dies in the sheets. Per cell the law is the greatest of three straight lines in the travel (it is convex), plus the
 * body's squash; what stays behind is the cut. All memory is taken once, here; law and sheets may change.
 */
export class BladeContact extends CellContact {
  /** Cut fraction of each cell, 0…1, as the passes so far left it. */
  readonly cut: Float64Array
  /** How far each cell was cut over all passes, as a share of the sheets, going on beyond 1 by what travel was left over. */
  readonly reach: Float64Array
  /** Greatest blade travel beyond the sheets in this pass, mm. */
  overcutMm = 0

  private readonly next: Float64Array
  private readonly packed: Float64Array

  // The law as three straight lines, and the squash behind it.
  private law: BladeLaw | undefined
  private sheetsMm = 0
  private kerfSlope = 0
  private cutSlope = 0
  private cutDrop = 0
  private throughSlope = 0
  private lowestRootMm = Infinity

  constructor(
    press: RollerFrame,
    private readonly cells: ContactCells,
  ) {
    super(press.rollerDiameterMm / 2, cells)
    const { column } = cells
    this.packed = new Float64Array(PACK * column.length)
    this.cut = new Float64Array(column.length)
    this.next = new Float64Array(column.length)
    this.reach = new Float64Array(column.length)
  }

  /** Sets the law; the sheets stay as they are cut so far. */
  prepare(law: BladeLaw): void {
    const { sheetsMm, shearStrengthMPa: tau, wedgeRatio: phi, indentStiffness: kp } = law
    this.law = law
    this.sheetsMm = sheetsMm
    this.kerfSlope = (tau * phi) / (1 + (tau * phi) / kp)
    const give = 1 + (tau * (1 + phi)) / kp
    this.cutSlope = (tau * (1 + phi)) / give
    this.cutDrop = (tau * sheetsMm) / give
    this.throughSlope = kp
    this.packCells(law.squashModulusMPa)
  }

  /** Whole sheets. */
  renew(): void {
    this.cut.fill(0)
    this.reach.fill(0)
  }

  override startPass(): void {
    super.startPass()
    const { cut, packed, cutDrop } = this
    for (let cell = 0; cell < cut.length; cell++) packed[PACK * cell + RELIEF] = cutDrop * (cut[cell] as number)
    this.next.set(cut)
    this.overcutMm = 0
  }

  push(
    travel: Float64Array,
    station: number,
    first: number,
    last: number,
    load: Float64Array,
    slope: Float64Array,
  ): void {
    const { packed, bendMm, kerfSlope, cutSlope, throughSlope, sheetsMm, lowestRootMm } = this
    const { from, to: until } = this.windows
    const perSheets = 1 / sheetsMm
    for (let row = first; row <= last; row++) {
      const z = travel[row] as number
      const to = PACK * (until[row] as number)
      let q = 0
      // Line that drags in its old kerf, is being cut, or is through: the slope is theirs, weighted.
      let dragging = 0
      let cutting = 0
      let sunk = 0
      let squashSlope = 0
      for (let at = PACK * (from[row] as number); at < to; at += PACK) {
        const away = (packed[at] as number) - station
        const local = z + (packed[at + HEIGHT] as number) - away * away * bendMm
        if (local <= 0) continue
        const weight = packed[at + WEIGHT] as number
        const kerfForce = kerfSlope * local
        const cutForce = cutSlope * local - (packed[at + RELIEF] as number)
        if (cutForce <= kerfForce) {
          q += weight * kerfForce
          dragging += weight
        } else {
          const throughForce = throughSlope * (local - sheetsMm)
          if (throughForce <= cutForce) {
            q += weight * cutForce
            cutting += weight
          } else {
            q += weight * throughForce
            sunk += weight
          }
        }
        if (local > lowestRootMm) {
          const e = (local - (packed[at + ROOT] as number)) * perSheets
          if (e > 0) {
            const left = 1 / (1 - (e < FULL_SQUASH ? e : FULL_SQUASH))
            const stiff = (packed[at + STIFF] as number) * left
            // e/(1−e) = 1/(1−e) − 1
            q += stiff - (packed[at + STIFF] as number)
            if (e < FULL_SQUASH) squashSlope += stiff * left
          }
        }
      }
      load[row] = (load[row] as number) + q
      slope[row] =
        (slope[row] as number) +
        (kerfSlope * dragging + cutSlope * cutting + throughSlope * sunk + perSheets * squashSlope)
    }
  }

  protected note(cell: number, u: number): void {
    const { law, cut, reach, next, sheetsMm } = this
    if (!law) return
    const reached = reachOf(law, u, cut[cell] as number)
    if (reached > (reach[cell] as number)) {
      reach[cell] = reached
      next[cell] = Math.min(1, reached)
    }
    if (u - sheetsMm > this.overcutMm) this.overcutMm = u - sheetsMm
  }

  override endPass(): void {
    this.cut.set(this.next)
  }

  private packCells(squashModulusMPa: number): void {
    const { column, offsetMm, lengthMm, die, shapes, grid } = this.cells
    const { packed } = this
    this.lowestRootMm = Infinity
    for (let cell = 0; cell < column.length; cell++) {
      const { bladeHeightMm, bodyStripMm } = shapes[die[cell] as number] as (typeof shapes)[number]
      const at = PACK * cell
      const weight = (lengthMm[cell] as number) / grid.yMm
      packed[at] = column[cell] as number
      packed[at + HEIGHT] = offsetMm[cell] as number
      packed[at + WEIGHT] = weight
      packed[at + ROOT] = bladeHeightMm
      packed[at + STIFF] = weight * bodyStripMm * squashModulusMPa
      if (bodyStripMm > 0 && bladeHeightMm < this.lowestRootMm) this.lowestRootMm = bladeHeightMm
    }
  }
}
