import type { Plate, Press } from '../../packages/core/src/index.js'
import { factsOfPressClass, feltBase, nextFeltTry } from '../../packages/core/src/index.js'
import type { FeltGap, FeltTry } from '../../packages/core/src/press/felt-gap.js'
import type { BlindPress } from '../../packages/core/src/practice/blind-press.js'

/** mm. Copy paper, ten sheets of it measured together with a caliper. */
const PAPER = { sheetMm: 0.1, sheetSpreadMm: 0.002 }

/** Feels out the gap of a press as the guided measurement does: the press with what was felt, and how many tries that took. */
export const feelOut = (press: Press, shelf: readonly Plate[], blind: BlindPress): { press: Press; tries: number } => {
  const { gapMm } = factsOfPressClass(press.pressClass)
  const plates = feltBase(shelf, gapMm).map(({ id, thickness }) => ({
    id,
    thicknessMm: thickness.valueMm,
    spreadMm: thickness.spreadMm,
  }))
  let felt: FeltGap = { plates, ...PAPER, tries: [] }
  for (;;) {
    const next = nextFeltTry(felt, gapMm)
    if (!next) return { press: { ...press, felt: [felt] }, tries: felt.tries.length }
    const told: FeltTry = { ...next, grips: blind.feel(press, felt, next) }
    felt = { ...felt, tries: [...felt.tries, told] }
  }
}
