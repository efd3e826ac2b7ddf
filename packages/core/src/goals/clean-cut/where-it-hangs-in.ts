import { type Hanging, whereItHangs } from '../../outcomes/hanging.js'
import { CLEAN_CELL } from '../../press/constants.js'
import type { CutSimulation } from '../../press/cut-simulation.js'

/** Where the sheets of a run still hang, and how much. Undefined where nothing does. */
export const whereItHangsIn = (run: CutSimulation): Hanging | undefined => {
  const { cells, cut } = run
  const { grid, rowStart, column, lengthMm, rows } = cells
  const stretches = []
  for (let row = 0; row < rows; row++)
    for (let cell = rowStart[row] as number; cell < (rowStart[row + 1] as number); cell++)
      stretches.push({
        x: ((column[cell] as number) + 0.5) * grid.xMm,
        y: (row + 0.5) * grid.yMm,
        lengthMm: lengthMm[cell] as number,
        hangs: (cut[cell] as number) < CLEAN_CELL,
      })
  return whereItHangs(stretches)
}
