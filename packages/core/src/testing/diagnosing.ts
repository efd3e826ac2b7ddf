import type { PlanRequest } from '../planner/plan.js'
import { SimulatedResponses } from '../planner/simulated-responses.js'
import { finish } from '../numerics/steps.js'
import { type Diagnosis, diagnosisSteps } from '../diagnosis/diagnose.js'
import type { Answers } from '../diagnosis/questions.js'
import type { ReportedRound } from '../diagnosis/reported-round.js'
import type { Round } from '../goals/looks.js'
import type { Stack } from '../layers/stack.js'
import { aCut, aPlate, aPress, plateLayer } from './makers.js'

/** mm. The gap that the press of these tests is known to have. */
const GAP_MM = 14

const shelf = [
  aPlate({ id: 'platform', kind: 'platform', mm: 6.9, count: 1 }),
  aPlate({ id: 'pad', mm: 3, count: 3 }),
  aPlate({ id: 'card', name: 'Card', kind: 'shim', mm: 0.3, count: 4 }),
  aPlate({ id: 'paper', name: 'Paper', kind: 'shim', mm: 0.1, count: 9 }),
]

/** A cut of one card on a press whose gap was measured, with a shim to put in or take out; the stack cuts it clean by a good tenth. */
export const askedCut = (more: Parameters<typeof aCut>[0] = {}): PlanRequest => ({
  technique: 'cut',
  region: 'all',
  cut: aCut({ press: aPress({ gap: { mm: GAP_MM, from: 'measured' } }), ...more }),
  shelf,
  workedBefore: [],
})

/** Platform, a card, pad, sheets, die, pad. */
const askedStack = ({ cut }: PlanRequest): Stack => {
  const [platform, pad, card] = shelf as [(typeof shelf)[number], (typeof shelf)[number], (typeof shelf)[number]]
  return [
    plateLayer(platform),
    plateLayer(card),
    plateLayer(pad, 'bed'),
    { is: 'sheets', sheet: cut.sheet, count: cut.sheetCount },
    { is: 'dies', dies: cut.dies, blade: 'down' },
    plateLayer(pad, 'pad'),
  ]
}

/** A round that was told of that stack. */
export const toldOf = (
  request: PlanRequest,
  look: Partial<Round>,
  more: Partial<ReportedRound> = {},
): ReportedRound => ({
  stack: askedStack(request),
  freshSheets: true,
  look: { passes: 2, seen: 'hanging', hangingShare: null, hangingPlace: null, feel: 'light', ...look },
  ...more,
})

export const diagnosed = (request: PlanRequest, rounds: readonly ReportedRound[], answers: Answers = {}): Diagnosis => {
  const found = finish(diagnosisSteps(request, rounds, answers, new SimulatedResponses()))
  if (!found) throw new Error('nothing was told')
  return found
}
