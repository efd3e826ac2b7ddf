import type { JobRow } from '@bold-heron/schema'
import { describe, expect, it } from 'vitest'
import { withSharedBeside } from './same-stack.js'

const job = (id: string, plateIds: readonly string[], pressId = 'press'): JobRow =>
  ({
    id,
    pressId,
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
