import { crestOf, type Die, planRibbon, type RibbonEdge } from '@bold-heron/core'
import type { BorderOfRun } from '@bold-heron/schema'

/** The edges of a run's border, by the lines of its first die. */
export const ribbonOf = (border: BorderOfRun, dies: readonly Die[]): readonly RibbonEdge[] =>
  planRibbon(border, crestOf(dies[0]?.outline.lines ?? [], border.pitchMm))

/** A join of a border as it comes at the Bench: the cut that makes it, and how far that goes on from the one before. */
export interface Join {
  readonly edge: number
  readonly cut: number
  readonly of: number
  readonly atMm: number
  readonly goneOnMm: number
}

/** Every laying of the die after the first, in order; the first of the second edge goes on from none. */
export const joinsOf = (border: BorderOfRun, dies: readonly Die[]): readonly Join[] =>
  ribbonOf(border, dies).flatMap(({ cuts }, edge) =>
    cuts.flatMap(({ atMm, shiftPitches }, cut): Join[] =>
      edge === 0 && cut === 0 ? [] : [{ edge, cut, of: cuts.length, atMm, goneOnMm: shiftPitches * border.pitchMm }],
    ),
  )
