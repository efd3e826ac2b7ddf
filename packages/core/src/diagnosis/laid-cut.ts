import { visitCells } from '../geometry/grid.js'
import type { Polyline } from '../geometry/polyline.js'
import { cellsOf } from '../goals/clean-cut/cut-setup.js'
import { ReachOfMost } from '../goals/clean-cut/reach-of-most.js'
import type { Laying } from '../goals/laying.js'
import type { CutContext } from '../job/cut-context.js'
import type { LineStretch } from '../outcomes/stretches.js'
import { CutSimulation } from '../press/cut-simulation.js'
import type { ContactCells, GridSize } from '../press/nip/contact-cells.js'
import type { Variation } from './variation.js'

/** mm. Fine enough that a spot of a few mm is seen, coarse enough that hundreds of ways to go wrong are pressed in a moment. */
const DIAGNOSIS_GRID: GridSize = { xMm: 2, yMm: 3 }

/** For every stretch of line, the cells it crosses and its length in them. */
interface Crossed {
  /** Crossings of stretch s are start[s] … start[s+1]. */
  readonly start: Int32Array
  readonly cell: Int32Array
  readonly lengthMm: Float64Array
}

/** Finds the cells of each stretch; stretches of a line follow one another from its first point on. */
export const crossedCells = (
  stretches: readonly LineStretch[],
  laid: readonly (readonly Polyline[])[],
  cells: ContactCells,
): Crossed => {
  const found = new Map<string, number>()
  for (let row = 0; row < cells.rows; row++)
    for (let cell = cells.rowStart[row] as number; cell < (cells.rowStart[row + 1] as number); cell++)
      found.set(`${cells.die[cell]} ${row} ${cells.column[cell]}`, cell)
  const crossings: { readonly cell: number; readonly mm: number }[][] = stretches.map(() => [])
  let first = 0
  while (first < stretches.length) {
    const { die, line } = stretches[first] as LineStretch
    let stretch = first
    let walkedMm = 0
    visitCells(laid[die]?.[line] ?? [], { cellX: cells.grid.xMm, cellY: cells.grid.yMm }, (column, row, lengthMm) => {
      while (
        walkedMm + lengthMm / 2 > (stretches[stretch] as LineStretch).toMm &&
        stretches[stretch + 1]?.die === die &&
        stretches[stretch + 1]?.line === line
      )
        stretch++
      const cell = found.get(`${die} ${row} ${column}`)
      if (cell !== undefined) crossings[stretch]?.push({ cell, mm: lengthMm })
      walkedMm += lengthMm
    })
    do first++
    while (stretches[first]?.die === die && stretches[first]?.line === line)
  }
  const start = new Int32Array(stretches.length + 1)
  crossings.forEach((each, at) => (start[at + 1] = (start[at] as number) + each.length))
  const all = crossings.flat()
  return {
    start,
    cell: Int32Array.from(all, ({ cell }) => cell),
    lengthMm: Float64Array.from(all, ({ mm }) => mm),
  }
}

/** How far each stretch was cut, from how far its cells were. */
export const reachAlong = ({ start, cell, lengthMm }: Crossed, reach: Float64Array): Float64Array => {
  const all = new Float64Array(start.length - 1)
  for (let stretch = 0; stretch < all.length; stretch++) {
    let sum = 0
    let mm = 0
    for (let at = start[stretch] as number; at < (start[stretch + 1] as number); at++) {
      sum += (lengthMm[at] as number) * (reach[cell[at] as number] as number)
      mm += lengthMm[at] as number
    }
    all[stretch] = mm > 0 ? sum / mm : 0
  }
  return all
}

/** Lets dies stand lower on a grid, mm by their place. */
export const lowerDies = (cells: ContactCells, lowerMm: readonly number[]): void =>
  cells.offsetMm.forEach((mm, cell) => (cells.offsetMm[cell] = mm - (lowerMm[cells.die[cell] as number] ?? 0)))

/** A cut laid out once, with whatever is locally otherwise, to be pressed at many squeezes. */
export class LaidCut {
  readonly run: CutSimulation
  readonly most: ReachOfMost

  constructor(
    cut: CutContext,
    laying: Laying,
    { heights, lowerMm }: Pick<Variation, 'heights' | 'lowerMm'>,
    private readonly crossed: (cells: ContactCells) => Crossed,
  ) {
    const cells = cellsOf(cut, { ...laying, heights: heights ?? laying.heights }, DIAGNOSIS_GRID)
    if (lowerMm) lowerDies(cells, lowerMm)
    this.run = new CutSimulation(cut.press.frame, cells)
    this.most = new ReachOfMost(this.run)
  }

  /** How far each stretch was cut, as a share of the sheets, going on beyond 1 by what travel was left over. */
  reach(): Float64Array {
    return reachAlong(this.crossed(this.run.cells), this.run.reach)
  }
}
