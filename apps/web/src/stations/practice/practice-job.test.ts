import { exerciseIds, exerciseOf } from '@bold-heron/core'
import { jobRow } from '@bold-heron/schema'
import { describe, expect, it } from 'vitest'
import { practice } from './own-words/en.js'
import { jobOfExercise } from './practice-job.js'

describe('an exercise as the Bench takes it', () => {
  it.each(exerciseIds)('%s is a job of one run, of its own press, die and sheet', (id) => {
    const exercise = exerciseOf(id, (thing) => practice.things[thing])
    const job = jobOfExercise(exercise, 'An exercise')
    const { cut, technique } = exercise.request
    expect(job.runs).toHaveLength(1)
    expect(job.runs[0]).toMatchObject({
      technique,
      sheetId: cut.sheet.id,
      sheetCount: cut.sheetCount,
      dieIds: cut.dies.map((die) => die.id),
      finishes: true,
    })
    expect(job).toMatchObject({ id: `practice-${id}`, pressId: cut.press.id, cut: 0, wanted: cut.sheetCount })
    // Nothing of it is stored, so its names need not be those of rows; all else is as a row has it.
    const uuid = crypto.randomUUID()
    const asRow = {
      ...job,
      id: uuid,
      pressId: uuid,
      runs: job.runs.map((run) => ({ ...run, dieIds: [uuid], sheetId: uuid })),
    }
    expect(jobRow.safeParse(asRow).error?.issues ?? []).toEqual([])
  })
})
