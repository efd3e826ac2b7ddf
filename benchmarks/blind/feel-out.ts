import type { FeltGap, Plate, Press } from '../../packages/core/src/index.js'
import { beforeFeeling, feltAfter, nextFeeling } from '../../packages/core/src/index.js'
import type { BlindPress } from '../../packages/core/src/practice/blind-press.js'

/** mm. Copy paper, ten sheets of it measured together with a caliper. */
const PAPER = { sheetMm: 0.1, sheetSpreadMm: 0.002 }

/** Feels out the gap of a press as the guided measurement does: the press with what was felt, and how many tries that took. */
export const feelOut = (press: Press, shelf: readonly Plate[], blind: BlindPress): { press: Press; tries: number } => {
  const before = beforeFeeling(press.pressClass)
  let felt: FeltGap = { leads: [], plates: [], ...PAPER, tries: [] }
  for (let tries = 0; ; tries++) {
    const next = nextFeeling(felt, before, shelf)
    if (next.is !== 'lead' && next.is !== 'try') return { press: { ...press, felt: [felt] }, tries }
    const grips = next.is === 'lead' ? blind.lead(next.plates) : blind.feel({ ...felt, plates: next.plates }, next)
    felt = feltAfter(felt, next, grips)
  }
}
