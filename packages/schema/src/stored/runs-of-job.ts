import {
  type PlacedRun,
  type Placement,
  pressesBothHalves,
  type TechniqueId,
  techniqueOf,
  type Yield,
  yieldOf,
} from '@bold-heron/core'
import type { JobInput, JobRow } from '../entered/job.js'
import type { PressRun, PressRunRow } from '../entered/press-run.js'

/** A job's only press run, pressed as a whole, on the job's press; what it is pressed with and of is still to be said. */
export const plainRun = {
  id: 'run 1',
  name: '',
  technique: 'cut',
  region: 'all',
  pressId: null,
  layers: [],
  shows: 'raised',
  onlyOne: false,
  finishes: true,
  placed: null,
  border: null,
  cutFrom: null,
  waxedPaper: null,
  keepsCounters: false,
  cutToSize: null,
} satisfies Partial<PressRun>

/** A job of one press run, for one piece: planned where its run has a stack, else waiting for one. */
export const jobOfRun = (
  { name, pressId }: Pick<JobInput, 'name' | 'pressId'>,
  run: Omit<PressRun, keyof typeof plainRun> & Partial<PressRun>,
): JobInput => ({
  name,
  state: run.layers?.length ? 'planned' : 'waiting',
  pressId,
  wanted: 1,
  note: '',
  rank: null,
  card: null,
  runInHand: 0,
  runs: [{ ...plainRun, ...run }],
})

type WithRuns<Run extends PressRun> = { readonly runs: readonly Run[]; readonly runInHand: number }

/** The press run of a job that is planned and pressed now. */
export const runInHandOf = <Run extends PressRun>({ runs, runInHand }: WithRuns<Run>): Run => runs[runInHand] as Run

/** The press that a run of a job is pressed on. */
export const pressIdOf = (job: Pick<JobInput, 'pressId'>, run: Pick<PressRun, 'pressId'>): string =>
  run.pressId ?? job.pressId

/** How many halves lie along the fold of a card that goes in folded shut: each comes out as a whole piece. */
const halvesOf = ({ region, placed }: Pick<PressRun, 'region' | 'placed'>): number =>
  placed && pressesBothHalves({ goesIn: placed.goesIn, region }) ? placed.dies.length : 1

/** What a press run gives of what is laid out on a card, or along a strip: a piece a sheet; of halves along a fold one each. Undefined for any other. */
export const piecesLaidOut = (
  { card }: Pick<JobInput, 'card'>,
  { border, sheetCount, region, placed }: Pick<PressRun, 'border' | 'sheetCount' | 'region' | 'placed'>,
): number | undefined => (card || border ? sheetCount * halvesOf({ region, placed }) : undefined)

/** What a press run of a job gives where all of it comes out: as it is laid out, else what its dies give of their sheets. */
export const yieldOfRun = (
  job: Pick<JobInput, 'card'>,
  run: Pick<PressRun, 'border' | 'sheetCount' | 'region' | 'placed'>,
  dies: Parameters<typeof yieldOf>[0],
  sheet: Parameters<typeof yieldOf>[1],
): Yield => {
  const pieces = piecesLaidOut(job, run)
  return pieces === undefined ? yieldOf(dies, sheet, run.sheetCount) : { pieces, mirrored: 0 }
}

/** A job's card with all its runs laid out on it, the run in hand the one that is asked for; null where nothing is laid out. */
export const placementOf = (
  { card, runs, runInHand }: Pick<JobInput, 'card' | 'runs' | 'runInHand'>,
  run?: Pick<PressRun, 'id'>,
): Placement | null => {
  if (!card) return null
  const at = run ? runs.findIndex((each) => each.id === run.id) : runInHand
  return {
    ...card,
    runInHand: at,
    runs: runs.flatMap(({ id, name, region, placed }): PlacedRun[] =>
      placed ? [{ id, name, region, ...placed }] : [],
    ),
  }
}

const inputOfRun = ({ pressName: _, dieNames: __, sheetName: ___, pressed: ____, ...run }: PressRunRow): PressRun => run

/** A stored job without what the server adds, to be changed and saved again. */
export const inputOfJob = ({ name, state, pressId, wanted, rank, note, card, runInHand, runs }: JobRow): JobInput => ({
  name,
  state,
  pressId,
  wanted,
  rank,
  note,
  card,
  runInHand,
  runs: runs.map(inputOfRun),
})

/** A job with its run in hand changed. */
export const withRunInHand = (job: JobInput, change: Partial<PressRun>): JobInput => ({
  ...job,
  runs: job.runs.map((run, at) => (at === job.runInHand ? { ...run, ...change } : run)),
})

/** The side of the card that is entered for what is to show on its face: whatever is to stand up is pressed from behind. */
export const faceFor = (shows: PressRun['shows']): PlacedRun['face'] => (shows === 'raised' ? 'back' : 'front')

/** A run with what it shows changed, and the side it is entered from with it. */
export const shownAs = (run: Pick<PressRun, 'placed'>, shows: PressRun['shows']): Partial<PressRun> => ({
  shows,
  ...(run.placed && { placed: { ...run.placed, face: faceFor(shows) } }),
})

/** What shows of a run as it is laid: by the side that is entered, where the technique may be had either way. */
const showsOf = (
  technique: TechniqueId,
  { face }: Pick<PlacedRun, 'face'>,
  otherwise: PressRun['shows'],
): PressRun['shows'] => (techniqueOf(technique).eitherWay ? (face === 'back' ? 'raised' : 'sunk') : otherwise)

const sameJson = (one: unknown, other: unknown): boolean => JSON.stringify(one) === JSON.stringify(other)

/**
 * A job with its runs laid out anew. A run that is there already keeps its sheets, its press, and its stack where nothing of it has
 * changed; a new one takes after the run that was in hand; the last finishes the piece. Without a placement, the run in hand is all
 * there is, pressed as a whole.
 */
export const withPlacement = (job: JobInput, placement: Placement | null): JobInput => {
  const inHand = runInHandOf(job)
  if (!placement)
    return {
      ...job,
      card: null,
      runInHand: 0,
      runs: [{ ...inHand, region: 'all', placed: null, layers: [], finishes: true }],
    }
  const { runs, runInHand, ...card } = placement
  const sameCard = sameJson(job.card?.card, card.card)
  return {
    ...job,
    card,
    runInHand,
    runs: runs.map(({ id, name, region, ...placed }, at): PressRun => {
      const known = job.runs.find((run) => run.id === id)
      const laid = [...new Set(placed.dies.map(({ dieId }) => dieId))]
      const { technique, shows } = known ?? inHand
      const isAsBefore = sameCard && known?.region === region && sameJson(known.placed, placed)
      return {
        ...(known ?? inHand),
        id,
        name,
        region,
        placed,
        shows: showsOf(technique, placed, shows),
        dieIds: laid.length > 0 ? laid : (known ?? inHand).dieIds,
        layers: isAsBefore ? known.layers : [],
        finishes: at === runs.length - 1,
      }
    }),
  }
}
