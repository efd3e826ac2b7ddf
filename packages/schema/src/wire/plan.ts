import { z } from 'zod'
import type { Of } from '../plain.js'
import { idField } from '../entered/fields.js'
import type { JobInput } from '../entered/job.js'
import { besideFields, type PressRun, pressedHowFields, pressedWhatFields } from '../entered/press-run.js'
import { pressIdOf } from '../stored/runs-of-job.js'
import { fromOlderTechnique } from '../entered/older.js'

/** Asks for a plan without making a job. */
export const planQuestion = z.preprocess(
  fromOlderTechnique,
  z.object({
    ...pressedHowFields,
    pressId: idField,
    ...pressedWhatFields,
    /** Absent: as the house rule says. */
    bladeSide: pressedWhatFields.bladeSide.optional(),
    /** Whether the piece cannot be had again. */
    onlyOne: z.boolean().default(false),
    /** Whether it is pressed once in each place, as a border is. */
    once: z.boolean().default(false),
    /** The leftover that it is cut from, which may be as thick as was measured; null: a whole sheet. */
    offcutId: idField.nullable().default(null),
    /** Waxed paper between card and die; null: none. */
    waxedPaper: besideFields.waxedPaper,
  }),
)
export type PlanQuestion = Of<typeof planQuestion>

/** What is asked of a plain press run: any whole sheet, nothing beside it. */
export const plainQuestion = {
  onlyOne: false,
  once: false,
  offcutId: null,
  waxedPaper: null,
} satisfies Partial<PlanQuestion>

/** What a press run of a job asks of the planner. */
export const questionOfRun = (job: Pick<JobInput, 'pressId'>, run: PressRun) =>
  ({
    technique: run.technique,
    region: run.region,
    pressId: pressIdOf(job, run),
    dieIds: run.dieIds,
    sheetId: run.sheetId,
    sheetCount: run.sheetCount,
    bladeSide: run.bladeSide,
    onlyOne: run.onlyOne,
    once: run.border !== null,
    offcutId: run.cutFrom?.offcutId ?? null,
    waxedPaper: run.waxedPaper,
  }) satisfies PlanQuestion
