import fc from 'fast-check'
import { expect, it } from 'vitest'
import { jobsTogether } from './jobs-together.js'

const job = (id: string) => ({ id })
const build = (name: string, ...ids: (string | null)[]) => ({ name, layers: ids.map((jobId) => ({ jobId })) })

it('jobs that are layers of one card stand together, at the place of the first', () => {
  const jobs = ['rope', 'base', 'tag', 'over'].map(job)
  expect(jobsTogether(jobs, [build('A pair', 'over', 'base', null)])).toEqual([
    { jobs: [job('rope')], cards: [] },
    { jobs: [job('base'), job('over')], cards: ['A pair'] },
    { jobs: [job('tag')], cards: [] },
  ])
})

it('every mix of a pair is one group, with all its cards', () => {
  const jobs = ['kraft', 'slate', 'ivory'].map(job)
  const [group, ...others] = jobsTogether(jobs, [build('one', 'kraft', 'ivory'), build('two', 'slate', 'ivory')])
  expect(others).toEqual([])
  expect(group!.cards).toEqual(['one', 'two'])
})

it('a card whose other job is not offered puts nothing together', () => {
  expect(jobsTogether([job('base')], [build('A pair', 'base', 'done long ago')])).toEqual([
    { jobs: [job('base')], cards: [] },
  ])
})

it('every job is there once, and two of one card are never apart', () => {
  const ids = ['a', 'b', 'c', 'd', 'e', 'f']
  const some = fc.array(fc.constantFrom(...ids), { maxLength: 4 })
  fc.assert(
    fc.property(fc.array(some, { maxLength: 5 }), (cards) => {
      const groups = jobsTogether(
        ids.map(job),
        cards.map((its, at) => build(String(at), ...its)),
      )
      expect(groups.flatMap(({ jobs }) => jobs.map(({ id }) => id)).sort()).toEqual(ids)
      for (const its of cards)
        expect(
          new Set(its.map((id) => groups.findIndex(({ jobs }) => jobs.some((each) => each.id === id)))).size,
        ).toBeLessThanOrEqual(1)
    }),
  )
})
