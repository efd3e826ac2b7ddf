import { describe, expect, it } from 'vitest'
import { seededRandom } from '../numerics/random.js'
import { SimulatedResponses } from '../planner/simulated-responses.js'
import { finish } from '../numerics/steps.js'
import { anEveningRequest } from '../testing/evenings.js'
import { aPlate } from '../testing/makers.js'
import type { EveningRequest } from './evening-request.js'
import type { EveningPlan } from './evening-plan.js'
import { eveningSteps } from './plan-evening.js'
import { diesAtOnce, platesAtOnce, type TimedQueues } from './things-at-once.js'

const live = new SimulatedResponses()
const planOf = (request: EveningRequest): EveningPlan => finish(eveningSteps(request, new Map(), live)).plan

const runs = (fromMin: number, toMin: number, ...plateIds: string[]) => ({
  fromMin,
  toMin,
  option: { plates: plateIds.map((plateId) => ({ plateId, role: 'bed' as const })) },
  jobIds: [] as string[],
  copies: [] as number[],
})

describe('plates that two presses would have at once', () => {
  const shelf = [aPlate({ id: 'pad', count: 2 }), aPlate({ id: 'board', count: 1 })]
  const queues = (...its: ReturnType<typeof runs>[][]): TimedQueues => ({
    queues: its.map((each, at) => ({ pressId: `press ${at}`, runs: each })),
  })

  it('are those of which the shelf has fewer than lie in presses at a moment', () => {
    const both = queues([runs(0, 30, 'board', 'pad', 'pad')], [runs(10, 20, 'pad', 'pad'), runs(20, 40, 'board')])
    expect(platesAtOnce(both, shelf)).toEqual([
      { plateId: 'pad', pressIds: ['press 0', 'press 1'], fromMin: 10 },
      { plateId: 'board', pressIds: ['press 0', 'press 1'], fromMin: 20 },
    ])
  })

  it('are none where there are enough, or one comes after the other, or all of it is in one press', () => {
    expect(platesAtOnce(queues([runs(0, 30, 'pad')], [runs(0, 30, 'pad')]), shelf)).toEqual([])
    expect(platesAtOnce(queues([runs(0, 30, 'board')], [runs(30, 40, 'board')]), shelf)).toEqual([])
    expect(platesAtOnce(queues([runs(0, 30, 'pad', 'pad', 'pad')], []), shelf)).toEqual([])
  })
})

describe('dies that two presses would have at once', () => {
  const [job] = anEveningRequest(seededRandom(1), 1).jobs as [EveningRequest['jobs'][number]]
  const die = job.dies[0]!
  const at = (fromMin: number, toMin: number, copies: number) => ({
    ...runs(fromMin, toMin),
    jobIds: [job.id],
    copies: [copies],
  })
  const both = (copies: number): TimedQueues => ({
    queues: [
      { pressId: 'one', runs: [at(0, 24, copies)] },
      { pressId: 'other', runs: [at(18, 74, 1)] },
    ],
  })

  it('are those of which there are not so many as would be in presses', () => {
    const jobs = [{ ...job, copies: 1 }]
    expect(diesAtOnce(both(1), jobs)).toEqual([{ dieId: die.id, pressIds: ['one', 'other'], fromMin: 18 }])
    expect(diesAtOnce(both(1), [{ ...job, copies: 1, dies: [{ ...die, owned: 2 }] }])).toEqual([])
    // Who lays two side by side has two.
    expect(diesAtOnce(both(1), [{ ...job, copies: 2 }])).toEqual([])
    expect(diesAtOnce(both(2), [{ ...job, copies: 2 }])).toHaveLength(1)
  })

  it('are none where one comes after the other', () => {
    const after = {
      queues: [
        { pressId: 'one', runs: [at(0, 18, 1)] },
        { pressId: 'other', runs: [at(18, 74, 1)] },
      ],
    }
    expect(diesAtOnce(after, [{ ...job, copies: 1 }])).toEqual([])
  })
})

/** Three jobs for two people at two presses that are alike, with so many pieces of every plate. */
const twins = (seed: number, pieces: number): EveningRequest => {
  const request = anEveningRequest(seededRandom(seed), 3)
  const [press] = request.presses as [EveningRequest['presses'][number]]
  const [ann] = request.people as [EveningRequest['people'][number]]
  return {
    ...request,
    shelf: request.shelf.map((plate) => ({ ...plate, count: pieces })),
    people: [ann, { ...ann, id: 'ben', name: 'Ben' }],
    presses: [
      { ...press, personId: ann.id },
      { ...press, press: { ...press.press, id: 'twin' }, personId: 'ben' },
    ],
  }
}

describe('an evening at two presses', () => {
  it('has no plate in both at once, where another stack or another order does without', () => {
    const seed = 8
    const scarce = twins(seed, 2)
    const plenty = planOf(twins(seed, 6))
    expect(platesAtOnce(plenty, scarce.shelf).length).toBeGreaterThan(0)
    const shared = planOf(scarce)
    expect(platesAtOnce(shared, scarce.shelf)).toEqual([])
    expect(shared.platesAtOnce).toEqual([])
    expect(shared.diesAtOnce).toEqual([])
    expect(shared.unplaced.length).toBe(plenty.unplaced.length)
  })
})
