import type { JobRow } from '@bold-heron/schema'
import fc from 'fast-check'
import { expect, it } from 'vitest'
import { reordered } from './order.js'

const job = (id: number, rank: number | null): JobRow => ({ id: String(id), rank }) as unknown as JobRow
/** As the server lists them: those with a place first, in its order, the others as they were. */
const listed = (jobs: readonly JobRow[]): JobRow[] =>
  [...jobs].sort((one, other) => (one.rank ?? Infinity) - (other.rank ?? Infinity) || 0)

it('after a job was put elsewhere the list is in the order that was shown', () => {
  const any = fc.tuple(
    fc.array(fc.option(fc.integer({ min: 1, max: 40 })), { minLength: 1, maxLength: 12 }),
    fc.nat(11),
    fc.nat(11),
  )
  fc.assert(
    fc.property(any, ([ranks, first, second]) => {
      const jobs = listed(
        [...new Set(ranks.filter((rank) => rank !== null))]
          .map((rank, at) => job(at, rank))
          .concat([job(90, null), job(91, null), job(92, null)]),
      )
      const [from, to] = [first % jobs.length, second % jobs.length]
      const changes = new Map(reordered(jobs, from, to).map(({ job: changed, rank }) => [changed.id, rank]))
      const after = listed(jobs.map((each) => ({ ...each, rank: changes.get(each.id) ?? each.rank })))
      const shown = jobs.filter((_, at) => at !== from)
      shown.splice(to, 0, jobs[from]!)
      expect(after.map(({ id }) => id)).toEqual(shown.map(({ id }) => id))
    }),
  )
})
