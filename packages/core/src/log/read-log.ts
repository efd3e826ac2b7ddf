import { type GapGrid } from '../learning/gap-grid.js'
import type { Learnt } from '../learning/learnt.js'
import { evidenceForPair, type RunEvidence } from '../learning/run-evidence.js'
import { resistOf, teachesSheet } from '../techniques/resist.js'
import type { TechniqueId } from '../techniques/list.js'

/** A sheet that no run names, where only the press is asked about. */
export const NO_SHEET = '00000000-0000-4000-8000-000000000000'

/** As it is sent and kept: thousandths of a logarithm say no more than this. */
const rounded = ({ firstRow, log }: GapGrid): GapGrid => ({
  firstRow,
  log: Array.from(log, (value) => Math.round(value * 1000) / 1000),
})

/** One name for a set of dies, as rows of evidence have it. */
const nameOfDies = (dieIds: readonly string[]): string => [...dieIds].sort().join(' ')

/** What runs say of a press with what resists (`resistOf`), cut with some dies or with any, as it is sent and kept. */
export const saidOfPair = (
  runs: readonly RunEvidence[],
  pressId: string,
  resist: string,
  dieIds: readonly string[] = [],
): Pick<Learnt, 'log' | 'pieces' | 'pressRuns'> => {
  const { log, pieces } = evidenceForPair(runs, pressId, resist, nameOfDies(dieIds))
  return { log: rounded(log), pieces, pressRuns: runs.filter((run) => run.pressId === pressId).length }
}

/** What the log says of a press with what resists. */
export interface ReadLog {
  /** For the planner: with just these dies, or with any where none are named. */
  learnt(dieIds?: readonly string[]): Learnt
  /** Whether the sheet was ever cut with just these dies. */
  wasCutWith(dieIds: readonly string[]): boolean
}

/**
 * Reads what runs say of a press for a technique on a sheet. `runs` hold all of the press's, and all that teach the same strength; others are
 * no matter. `tightestMm` is the greatest height without its sheets that the press has had.
 */
export const readLog = (
  runs: readonly RunEvidence[],
  {
    pressId,
    technique,
    sheetId,
  }: { readonly pressId: string; readonly technique: TechniqueId; readonly sheetId: string },
  tightestMm: number | undefined,
): ReadLog => {
  const resist = resistOf(technique, sheetId)
  const ofIt = runs.filter((run) => run.resist === resist)
  return {
    learnt: (dieIds = []) => ({
      ...saidOfPair(runs, pressId, resist, teachesSheet(technique) ? dieIds : []),
      sheetRuns: ofIt.length,
      tightestMm,
    }),
    wasCutWith: (dieIds) => ofIt.some(({ dies }) => dies === nameOfDies(dieIds)),
  }
}
