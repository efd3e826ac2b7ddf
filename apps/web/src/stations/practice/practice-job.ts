import type { Exercise } from '@bold-heron/core'
import { type JobRow, plainRun } from '@bold-heron/schema'

const NEVER = new Date(0).toISOString()

/** An exercise as the Bench takes it: a job that is nowhere stored. */
export const jobOfExercise = ({ id, request: { cut, technique, region } }: Exercise, name: string): JobRow => ({
  id: `practice-${id}`,
  version: 1,
  createdAt: NEVER,
  updatedAt: NEVER,
  name,
  state: 'cutting',
  pressId: cut.press.id,
  wanted: cut.sheetCount,
  note: '',
  rank: null,
  card: null,
  runInHand: 0,
  runs: [
    {
      ...plainRun,
      technique,
      region,
      dieIds: cut.dies.map((die) => die.id),
      sheetId: cut.sheet.id,
      sheetCount: cut.sheetCount,
      bladeSide: cut.bladeSide,
      pressName: cut.press.name,
      dieNames: cut.dies.map((die) => die.name),
      sheetName: cut.sheet.name,
      pressed: 0,
    },
  ],
  cut: 0,
  spoilt: 0,
  pressName: cut.press.name,
})
