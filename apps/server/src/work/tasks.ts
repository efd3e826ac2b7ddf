import {
  type GapGrid,
  type Cell,
  chartCellSteps,
  type ChartRequest,
  chartRestSteps,
  computedOf,
  type EveningRequest,
  eveningSteps,
  foundLaysSteps,
  type ResponseRecord,
  type ResponseRecords,
  measureOutline,
  nestFor,
  type NestLimits,
  type NestWanted,
  type OutlineMeasures,
  type PlanRequest,
  planSteps,
  type Polyline,
  type Pressed,
  type PressingResult,
  type SimulatedPressing,
  orderFromSeed,
  provenOrder,
  type Schedule,
  type ScheduleWanted,
  simulatePressing,
  type Steps,
  type TechniqueId,
  together,
} from '@bold-heron/core'
import { availableParallelism } from 'node:os'
import { performance } from 'node:perf_hooks'
import { readSvg } from '@bold-heron/formats'
import { readPhoto } from '../store/read-photo.js'
import type { Hands } from './hands.js'
import { readTable, writeTable } from './tables.js'
import { thumbnailOf } from './thumbnail.js'
import { readWorkshop, writeWorkshop } from './whole-workshop.js'
import { writeBundle } from './write-bundle.js'

/** Which tasks wait for one another: how many of a kind are done at once. */
export const turns = {
  /** What is done in a moment. */
  quick: 1,
  /** What somebody waits for. */
  people: 2,
  /** Whole files in and out. */
  files: 1,
  /** Pictures, unpacked; one of them fills the memory of many drawings. */
  pictures: 1,
  /** What somebody waits for and all cores share: charts and evenings, part by part. */
  cores: availableParallelism(),
  /** What nobody waits for. */
  learner: 1,
} as const
export type Lane = keyof typeof turns

interface Task<Input, Answer> {
  readonly lane: Lane
  work(input: Input, hands: Hands): Answer | Promise<Answer>
}
const task = <Input, Answer>(
  lane: Lane,
  work: (input: Input, hands: Hands) => Answer | Promise<Answer>,
): Task<Input, Answer> => ({ lane, work })

const toTheEnd = <Made>(steps: Steps<Made>, tell: Hands['tell']): Made => {
  for (;;) {
    const step = steps.next()
    if (step.done) return step.value
    tell(step.value)
  }
}

type Answers = readonly (readonly [name: string, answers: ResponseRecord])[]

/** Some cells of a chart, by their places row by row, with what is known of their dies already. */
interface ChartPart {
  readonly request: ChartRequest
  readonly at: readonly number[]
  readonly answers: Answers
}

/** All cells of a chart, and all answers that they were made of. */
interface ChartCells {
  readonly request: ChartRequest
  readonly cells: readonly Cell[]
  readonly answers: Answers
}

interface EveningAsked {
  readonly request: EveningRequest
  readonly answers: Answers
}

/** Every task that is too heavy for the thread that answers. */
export const tasks = {
  plan: task('people', (request: PlanRequest, { responses, tell }) => toTheEnd(planSteps(request, responses), tell)),
  simulate: task('people', (pressing: SimulatedPressing): PressingResult => simulatePressing(pressing)),
  nest: task('people', ({ wanted, limits }: { wanted: NestWanted; limits: NestLimits }) =>
    nestFor(wanted, limits, () => performance.now()),
  ),
  chartCells: task('cores', ({ request, at, answers }: ChartPart, { responses, tell }) => {
    const known: ResponseRecords = new Map(answers)
    const fresh: [string, ResponseRecord][] = []
    const cells = at.map((each, done) => {
      const { cell, made } = toTheEnd(chartCellSteps(request, each, known, responses), (share) =>
        tell((done + share) / at.length),
      )
      for (const [name, its] of made) {
        known.set(name, its)
        fresh.push([name, its])
      }
      return cell
    })
    return { cells, made: fresh }
  }),
  chartRest: task('cores', ({ request, cells, answers }: ChartCells, { responses, tell }) => {
    const { chart, made } = toTheEnd(chartRestSteps(request, cells, new Map(answers), responses), tell)
    return { chart, made: [...made] }
  }),
  foundLays: task('cores', ({ request, answers }: EveningAsked, { responses, tell }) => [
    ...toTheEnd(foundLaysSteps(request, new Map(answers), responses), tell).made,
  ]),
  evening: task('cores', ({ request, answers }: EveningAsked, { responses, tell }) => {
    const { plan, made } = toTheEnd(eveningSteps(request, new Map(answers), responses), tell)
    return { plan, made: [...made] }
  }),
  orderFromSeed: task('cores', ({ wanted, seed }: { wanted: ScheduleWanted; seed: number }) =>
    orderFromSeed(wanted, seed),
  ),
  provenOrder: task(
    'cores',
    ({ wanted, found }: { wanted: ScheduleWanted; found: readonly (Schedule | undefined)[] }) =>
      provenOrder(wanted, found),
  ),
  readDrawing: task('quick', (svg: string) => readSvg(svg)),
  measure: task('quick', (lines: readonly Polyline[]): OutlineMeasures | undefined => measureOutline(lines)),
  thumbnail: task('quick', (lines: readonly Polyline[]): string => thumbnailOf(lines)),
  readPhoto: task('pictures', (photo: Uint8Array) => readPhoto(Buffer.from(photo))),
  learn: task('learner', ({ technique, piles }: { technique: TechniqueId; piles: readonly Pressed[] }): GapGrid => {
    const { evidence } = computedOf({ technique })
    return together(...piles.map((pile) => evidence.logEvidenceOf(pile)))
  }),
  readWorkshop: task('files', readWorkshop),
  writeWorkshop: task('files', writeWorkshop),
  writeBundle: task('files', writeBundle),
  readTable: task('files', readTable),
  writeTable: task('files', writeTable),
} as const
export type TaskName = keyof typeof tasks
export type InputOf<Name extends TaskName> = Parameters<(typeof tasks)[Name]['work']>[0]
export type AnswerOf<Name extends TaskName> = Awaited<ReturnType<(typeof tasks)[Name]['work']>>
