import type { BorderOfRun } from '../entered/border-of-run.js'
import type { JobInput } from '../entered/job.js'
import type { PressRun } from '../entered/press-run.js'
import { plainRun } from './runs-of-job.js'

/** The press runs that make a ribbon, by their places: what goes along the middle, and the edges where another run cuts them. */
export interface RibbonRuns {
  readonly middle: number
  readonly edges: number | undefined
}

type Runs = readonly Pick<PressRun, 'border'>[]

const areEdgesOf = (runs: Runs, middle: number): boolean =>
  runs[middle]?.border?.edges === 'one' &&
  runs[middle + 1]?.border?.edges === 'both' &&
  runs[middle]?.border?.stripLengthMm === runs[middle + 1]?.border?.stripLengthMm

/** The ribbon that a run of a job is part of; a run without a border is one that is still to come. */
export const ribbonOfRun = (runs: Runs, at: number): RibbonRuns => {
  if (areEdgesOf(runs, at)) return { middle: at, edges: at + 1 }
  return areEdgesOf(runs, at - 1) ? { middle: at - 1, edges: at } : { middle: at, edges: undefined }
}

/** The edges of a ribbon as they are cut: the cutter and its border. */
export interface RibbonEdges {
  readonly dieId: string
  readonly border: BorderOfRun
}

const freshRunId = (runs: readonly Pick<PressRun, 'id'>[]): string => {
  let count = runs.length + 1
  while (runs.some(({ id }) => id === `run ${count}`)) count++
  return `run ${count}`
}

/**
 * A job whose ribbon is cut anew: the run along the middle with its border, then, where there are edges, a run of their own on the same strip.
 * A kept stack stays with a run whose border and die are as before. The last run of the job finishes the piece.
 */
export const withRibbon = (
  job: JobInput,
  { middle, edges }: RibbonRuns,
  border: BorderOfRun | null,
  along: RibbonEdges | undefined,
): JobInput => {
  const first = job.runs[middle] as PressRun
  const before = edges === undefined ? undefined : job.runs[edges]
  const isSame = (run: PressRun, next: BorderOfRun | null) => JSON.stringify(run.border) === JSON.stringify(next)
  const own: PressRun = { ...first, border, layers: isSame(first, border) ? first.layers : [] }
  const second: PressRun[] = along
    ? [
        {
          ...plainRun,
          technique: 'cut',
          sheetId: first.sheetId,
          sheetCount: first.sheetCount,
          bladeSide: first.bladeSide,
          pressId: first.pressId,
          id: before?.id ?? freshRunId(job.runs),
          dieIds: [along.dieId],
          border: along.border,
          layers: before && before.dieIds[0] === along.dieId && isSame(before, along.border) ? before.layers : [],
        },
      ]
    : []
  const runs = job.runs.flatMap((run, at): PressRun[] => (at === middle ? [own, ...second] : at === edges ? [] : [run]))
  return {
    ...job,
    runInHand: Math.min(job.runInHand, runs.length - 1),
    runs: runs.map((run, at) => ({ ...run, finishes: at === runs.length - 1 })),
  }
}
