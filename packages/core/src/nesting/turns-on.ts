import type { PieceTurns } from './nest.js'

/** How a sheet lets pieces be turned: where it has a pattern, or a grain that is known, end for end at most. */
export const turnsOn = (sheet: { readonly grain: string; readonly patterned: boolean } | undefined): PieceTurns =>
  sheet && (sheet.patterned || sheet.grain !== 'unknown') ? 'half' : 'any'
