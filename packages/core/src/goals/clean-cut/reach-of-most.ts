import { CLEAN_CUT } from '../../press/constants.js'
import type { CutSimulation } from '../../press/cut-simulation.js'

/**
 * How far all of the line has been reached but the share that may hang (1 − CLEAN_CUT): clean from CLEAN_CELL on, and beyond 1 by
 * what travel was left over. Unlike the cut fraction it grows evenly with the squeeze. Holds the memory for sorting.
 */
export class ReachOfMost {
  private readonly sorted: Float64Array

  constructor(private readonly run: CutSimulation) {
    this.sorted = new Float64Array(run.reach.length)
  }

  now(): number {
    const { sorted, run } = this
    if (sorted.length === 0) return 0
    sorted.set(run.reach)
    sorted.sort()
    const mayHang = (1 - CLEAN_CUT) * run.cells.totalMm
    let low = 0
    let high = sorted.length - 1
    while (low < high) {
      const middle = (low + high) >> 1
      if (this.lengthUpTo(sorted[middle] as number) > mayHang) high = middle
      else low = middle + 1
    }
    return sorted[low] as number
  }

  /** Line in mm that was reached no further than this. */
  private lengthUpTo(limit: number): number {
    const { reach, cells } = this.run
    let sumMm = 0
    for (let cell = 0; cell < reach.length; cell++)
      if ((reach[cell] as number) <= limit) sumMm += cells.lengthMm[cell] as number
    return sumMm
  }
}
