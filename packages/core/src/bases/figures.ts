import type { Outlook } from '../goals/outlook.js'
import type { CutContext } from '../job/cut-context.js'

/** What a stack does for an operation. */
export interface StackFigures {
  /** The least count of passes with the house's chance, and that chance, 0…1. */
  readonly passes: number
  readonly chance: number
  /** Chance that the handle stops. */
  readonly stops: number
  /** Effort of the hardest pass as a share of what the hand, or the motor, can do. */
  readonly effort: number
  readonly squeezeMm: number
  /** Codes of the cautions it comes with. */
  readonly cautions: readonly string[]
}

/** Whether what an outlook says is enough to rely on: sure by the house, and the handle hardly ever stops. */
export const countsAs = ({ sure, chances }: Outlook, { mostStopChance }: CutContext['rules']): boolean =>
  sure && chances.stops <= mostStopChance

/** What an outlook and the findings of a stack make of a cell. */
export const figuresOf = (outlook: Outlook, squeezeMm: number, cautions: readonly string[]): StackFigures => ({
  passes: outlook.passes,
  chance: outlook.chances.goodBy[outlook.passes - 1] ?? 0,
  stops: outlook.chances.stops,
  effort: outlook.effort,
  squeezeMm,
  cautions,
})
