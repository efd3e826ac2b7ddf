import type { EveningAnswer } from '@bold-heron/schema'
import { describe, expect, it } from 'vitest'
import { draggedTo, fixedTo, hasPins, isPinned, letGo, noPinsAtAll } from './pins.js'

const queue = {
  pressId: 'small',
  personId: 'ann',
  changes: 0,
  runs: ['tags', 'gulls', 'kites'].map((batchId) => ({ batchId })),
} as unknown as EveningAnswer['queues'][number]

describe('what a hand changes of an evening', () => {
  it('is where a batch was dragged to: right after what stands before it there, on that press', () => {
    expect(draggedTo(noPinsAtAll, queue, 2, 0)).toEqual({
      pressOf: { kites: 'small' },
      after: { kites: null },
      forbidden: [],
    })
    expect(draggedTo(noPinsAtAll, queue, 0, 2)).toMatchObject({ after: { tags: 'kites' } })
  })

  it('lets go of what it contradicts: nobody else comes right after the same one, nor after what has left', () => {
    const first = draggedTo(noPinsAtAll, queue, 2, 1)
    expect(first.after).toEqual({ kites: 'tags' })
    expect(draggedTo(first, queue, 1, 1).after).toEqual({ gulls: 'tags' })
    expect(draggedTo({ ...noPinsAtAll, after: { gulls: 'kites' } }, queue, 2, 0).after).toEqual({ kites: null })
  })

  it('fixes a press and gives up the place; and is let go again', () => {
    const fixed = fixedTo(draggedTo(noPinsAtAll, queue, 2, 0), 'kites', 'library')
    expect(fixed).toMatchObject({ pressOf: { kites: 'library' }, after: {} })
    expect(isPinned(fixed, 'kites')).toBe(true)
    expect(hasPins(letGo(fixed, 'kites'))).toBe(false)
  })
})
