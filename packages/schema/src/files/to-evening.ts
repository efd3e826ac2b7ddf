import {
  type Batch,
  type EveningPlan,
  type EveningRequest,
  type LaidOut,
  type LayOption,
  placeLines,
  type Polyline,
  type ProvenSchedule,
  type ScheduleWanted,
  usualTiming,
} from '@bold-heron/core'
import { bundleOfFile } from '../bundle/bundle-of-file.js'
import { eveningRequestOf } from '../bundle/evening-request-of.js'
import type { EveningAnswer, LayOptionAnswer } from '../wire/evening-answer.js'
import type { EveningOrderFile, EveningWholeFile, OrderAnswer } from './evening-file.js'

/** An evening's file as the core takes it; `lines` are the drawings of its dies, in their order, undefined for a stand-in. */
export const requestOfEveningFile = (
  input: EveningWholeFile,
  lines: readonly (readonly Polyline[] | undefined)[],
): EveningRequest =>
  eveningRequestOf(bundleOfFile(input, lines), {
    ...input,
    presses: input.presses.map(({ id, personId }) => ({ pressId: id, personId, timing: usualTiming, inPress: [] })),
  })

/** Batches of a file as they are put in order. */
export const wantedOfOrder = ({ people, presses, jobs, batches, ...minutes }: EveningOrderFile): ScheduleWanted => ({
  restMin: people.map(({ restMin }) => restMin),
  presses: presses.map(({ personId, ...press }) => ({
    ...press,
    person: people.findIndex(({ id }) => id === personId),
  })),
  jobs: [
    ...jobs.map(({ dueMin }) => (dueMin === null ? {} : { dueMin })),
    // A batch of no job that is named is one of its own.
    ...batches.map(({ dueMin }) => (dueMin === null ? {} : { dueMin })),
  ],
  batches: batches.map(({ id, jobIds, options }, at): Batch => ({
    id,
    jobs: jobIds === undefined ? [jobs.length + at] : jobIds.map((each) => jobs.findIndex((job) => job.id === each)),
    options: options.map(({ pressId, ...option }) => ({
      ...option,
      press: presses.findIndex((each) => each.id === pressId),
    })),
  })),
  perChangeMin: minutes.perChangeMin,
  changeWorthMin: minutes.changeWorthMin,
})

/** An order as its answer tells it. */
export const answerOfOrder = (
  { people, presses, batches }: EveningOrderFile,
  schedule: ProvenSchedule,
): OrderAnswer => ({
  queues: presses.map(({ id }, at) => ({
    pressId: id,
    batches: (schedule.queues[at] ?? []).map(({ batch, option }) => ({ id: batches[batch]?.id ?? '', option })),
  })),
  changes: schedule.changes,
  turns: people.map(({ id }, at) => ({
    personId: id,
    pressIds: (schedule.turns[at] ?? []).map((press) => presses[press]?.id ?? ''),
  })),
  lateMin: schedule.lateMin,
  lateBoundMin: schedule.lateBoundMin,
  cost: schedule.cost,
  bound: schedule.bound,
  proven: schedule.proven,
})

const optionOf = ({ figures, plates: _, feedMm: __, bedId: ___, stack, ...option }: LayOption): LayOptionAnswer => ({
  ...option,
  stack,
  passes: figures.passes,
  chance: figures.chance,
  stops: figures.stops,
  effort: figures.effort,
  cautions: figures.cautions,
})

/** Outlines where they lie on the pad. */
const whereTheyLie = ({ placed, outlines }: LaidOut): number[][] =>
  placed.map(({ piece, ...pose }) => {
    const outline = outlines[piece] as readonly number[]
    const xs = outline.filter((_, at) => at % 2 === 0)
    const ys = outline.filter((_, at) => at % 2 === 1)
    const middle = (values: readonly number[]): number => (Math.min(...values) + Math.max(...values)) / 2
    const centred = placeLines([outline], { xMm: -middle(xs), yMm: -middle(ys), rotationDeg: 0 })
    return placeLines(centred, pose).flatMap((line) => [...line])
  })

/** An evening's plan as its answer tells it. */
export const answerOfEvening = (request: EveningRequest, plan: EveningPlan): EveningAnswer => ({
  ...plan,
  queues: plan.queues.map((queue) => ({
    ...queue,
    runs: queue.runs.map(({ option, others, laid, ...runs }) => ({
      ...runs,
      option: optionOf(option),
      others: others.map(optionOf),
      laid: { lengthMm: laid.lengthMm, widthMm: laid.widthMm, outlines: whereTheyLie(laid) },
    })),
  })),
  names: Object.fromEntries([
    ...request.presses.map(({ press }) => [press.id, press.name] as const),
    ...request.people.map(({ id, name }) => [id, name] as const),
    ...request.jobs.map(({ id, name }) => [id, name] as const),
    ...request.jobs.map(({ sheet }) => [sheet.id, sheet.name] as const),
    ...request.jobs.flatMap(({ dies }) => dies.map(({ id, name }) => [id, name] as const)),
    ...request.shelf.map(({ id, name }) => [id, name] as const),
  ]),
  timedRuns: Object.fromEntries(request.presses.map(({ press, timing }) => [press.id, timing.runs])),
})
