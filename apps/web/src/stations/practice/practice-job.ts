import type { Exercise } from '@bold-heron/core'
import type { JobRow } from '@bold-heron/schema'

const NEVER = new Date(0).toISOString()

/** An exercise as the Bench takes it: a job that is nowhere stored. */
export const jobOfExercise = ({ id, request: { cut, technique } }: Exercise, name: string): JobRow => ({
  id: `practice-${id}`,
  version: 1,
  createdAt: NEVER,
  updatedAt: NEVER,
  name,
  state: 'cutting',
  technique,
  pressId: cut.press.id,
  dieIds: cut.dies.map((die) => die.id),
  sheetId: cut.sheet.id,
  sheetCount: cut.sheetCount,
  bladeSide: cut.bladeSide,
  wanted: cut.sheetCount,
  layers: [],
  note: '',
  placement: null,
  cut: 0,
  pressName: cut.press.name,
  dieNames: cut.dies.map((die) => die.name),
  sheetName: cut.sheet.name,
})
