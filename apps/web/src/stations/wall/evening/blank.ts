import { USUAL_CHANGE_WORTH_MIN, USUAL_LAY_GAP_MM, USUAL_REST_MIN } from '@bold-heron/core'
import type { EveningInput } from '@bold-heron/schema'
import { noPinsAtAll } from './pins.js'

/** Somebody with strong hands. */
export const somebody = (id: string, name: string): EveningInput['people'][number] => ({
  id,
  name,
  handShare: 1,
  restMin: USUAL_REST_MIN.strong,
})

/** What an evening begins with: one press and one person; the jobs are whoever plans it to say. */
export const blankEvening = (name: string, person: string, pressId: string): EveningInput => ({
  name,
  beginsAt: null,
  presses: [{ pressId, personId: 'one' }],
  people: [somebody('one', person)],
  jobs: [],
  gapMm: USUAL_LAY_GAP_MM,
  changeWorthMin: USUAL_CHANGE_WORTH_MIN,
  pins: noPinsAtAll,
  note: '',
})
