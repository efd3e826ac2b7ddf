import type { JobRow } from '@bold-heron/schema'
import { describe, expect, it } from 'vitest'
import { rankBetween, withSharedBeside } from './same-stack.js'

const job = (id: string, plateIds: readonly string[], pressId = 'press', rank: number | null = null): JobRow =>
  ({
    id,
    pressId,
    rank,
    runInHand: 0,
    runs: [{ pressId: null, layers: plateIds.map((plateId) => ({ is: 'plate', plateId, role: 'bed' })) }],
  }) as unknown as JobRow
const ids = (groups: readonly (readonly JobRow[])[]) => groups.map((group) => group.map((each) => each.id))

describe('jobs that share a stack', () => {
  it('stand beside the first of them, the others in their order', () => {
    const jobs = [job('a', ['pad']), job('b', ['mat']), job('c', ['pad']), job('d', [])]
    expect(ids(withSharedBeside(jobs))).toEqual([['a', 'c'], ['b'], ['d']])
  })

  it('do not, on another press or without a kept stack', () => {
    expect(ids(withSharedBeside([job('a', ['pad']), job('b', ['pad'], 'other'), job('c', []), job('d', [])]))).toEqual([
      ['a'],
      ['b'],
      ['c'],
      ['d'],
    ])
  })
})

it('a job put between two others has a rank between theirs, and at an end one beyond', () => {
  const [first, second] = [job('a', [], 'press', 1), job('b', [], 'press', 2)]
  expect(rankBetween(first, second, 0)).toBe(1.5)
  expect(rankBetween(second, undefined, 0)).toBe(3)
  expect(rankBetween(undefined, first, 0)).toBe(0)
  expect(rankBetween(undefined, job('c', []), 7)).toBe(7)
})
