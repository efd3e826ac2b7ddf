import { isDeepStrictEqual } from 'node:util'
import { jobStates, seenOutcomes } from '@bold-heron/core'
import {
  buildInput,
  buildRow,
  chartInput,
  chartRow,
  eveningInput,
  eveningRow,
  dieInput,
  dieRow,
  fromOlderTechnique,
  idField,
  inputOfJob,
  type JobInput,
  jobInput,
  type JobRow,
  jobRow,
  offcutInput,
  offcutRow,
  plateInput,
  plateRow,
  pressedHowFields,
  pressInput,
  pressRow,
  recipeInput,
  recipeRow,
  runInput,
  runRow,
  sheetInput,
  sheetRow,
} from '@bold-heron/schema'
import { z } from 'zod'

/** One kind of row as the API shows it. */
export interface RowKind<Input, Row, Filter> {
  /** Path part, such as `plates`. */
  readonly name: string
  readonly one: string
  readonly input: z.ZodType<Input>
  readonly row: z.ZodType<Row>
  readonly filter: z.ZodObject & z.ZodType<Filter>
  /** Brings a query of before to that of now. */
  readonly fromOlder?: (query: unknown) => unknown
  readonly retirable: boolean
  /** What a device of the bench may save of a row as it stands: nothing where it is not said. */
  readonly forBench?: (input: Input, stands: Row) => boolean
}

const nameSearch = { q: z.string().max(120).optional() }
const shelfFilter = z.object({
  ...nameSearch,
  retired: z.enum(['no', 'yes', 'all']).optional(),
  /** What was pressed last first; as its kind stands where it says nothing. */
  sort: z.literal('used').optional(),
})
const jobFilter = z.object({ ...nameSearch, state: z.enum(jobStates).optional() })
const time = z.iso.datetime({ offset: true }).or(z.iso.date())
const runFilter = z.object({
  ...nameSearch,
  jobId: idField.optional(),
  pressId: idField.optional(),
  dieId: idField.optional(),
  plateId: idField.optional(),
  sheetId: idField.optional(),
  technique: pressedHowFields.technique.unwrap().optional(),
  region: pressedHowFields.region.unwrap().optional(),
  seen: z.enum(seenOutcomes).optional(),
  since: time.optional(),
  until: time.optional(),
})

/** Every kind of row the API serves. */
export const rowKinds = {
  plates: { name: 'plates', one: 'plate', input: plateInput, row: plateRow, filter: shelfFilter, retirable: true },
  presses: { name: 'presses', one: 'press', input: pressInput, row: pressRow, filter: shelfFilter, retirable: true },
  dies: { name: 'dies', one: 'die', input: dieInput, row: dieRow, filter: shelfFilter, retirable: true },
  sheets: { name: 'sheets', one: 'sheet', input: sheetInput, row: sheetRow, filter: shelfFilter, retirable: true },
  offcuts: {
    name: 'offcuts',
    one: 'offcut',
    input: offcutInput,
    row: offcutRow,
    filter: shelfFilter.extend({ sheetId: idField.optional() }),
    retirable: true,
  },
  builds: {
    name: 'builds',
    one: 'build',
    input: buildInput,
    row: buildRow,
    filter: z.object(nameSearch),
    retirable: false,
  },
  charts: {
    name: 'charts',
    one: 'chart',
    input: chartInput,
    row: chartRow,
    filter: z.object(nameSearch),
    retirable: false,
  },
  evenings: {
    name: 'evenings',
    one: 'evening',
    input: eveningInput,
    row: eveningRow,
    filter: z.object(nameSearch),
    retirable: false,
  },
  jobs: {
    name: 'jobs',
    one: 'job',
    input: jobInput,
    row: jobRow,
    filter: jobFilter,
    retirable: false,
    // Whoever has pressed one of its runs goes on with the next.
    forBench: (input: JobInput, stands: JobRow): boolean =>
      isDeepStrictEqual(input, jobInput.parse({ ...inputOfJob(stands), runInHand: input.runInHand })),
  },
  recipes: {
    name: 'recipes',
    one: 'recipe',
    input: recipeInput,
    row: recipeRow,
    filter: z.object(nameSearch),
    retirable: false,
  },
  runs: {
    name: 'runs',
    one: 'run',
    input: runInput,
    row: runRow,
    filter: runFilter,
    // Links of before name a technique with what of the stack is pressed in one.
    fromOlder: fromOlderTechnique,
    retirable: false,
  },
} as const
