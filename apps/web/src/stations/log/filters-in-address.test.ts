import { describe, expect, it } from 'vitest'
import { filtersIn, pageIn, withFilters } from './filters-in-address.js'

const at = (query: string) => new URLSearchParams(query)
const id = '00000000-0000-4000-8000-000000000001'

describe('the log’s filters in the address', () => {
  it('are read back, and what makes no sense is left out', () => {
    expect(filtersIn(at(`dieId=${id}&seen=hanging&technique=crease&since=2026-06-01`))).toEqual({
      dieId: id,
      seen: 'hanging',
      technique: 'crease',
      since: '2026-06-01',
    })
    expect(filtersIn(at('dieId=mine&seen=wonderful&technique=sawing&since=2026-13-41&page=2&other=x'))).toEqual({})
  })

  it('are read where an older link names technique and region in one', () => {
    expect(filtersIn(at('technique=full-cut'))).toMatchObject({ technique: 'cut' })
  })

  it('are set one by one; an empty one is taken away, the list begins anew, and the view stays', () => {
    const set = withFilters(at('view=pictures&page=4&seen=hanging'), { dieId: id })
    expect(Object.fromEntries(set)).toEqual({ view: 'pictures', seen: 'hanging', dieId: id })
    expect(Object.fromEntries(withFilters(set, { seen: '' }))).toEqual({ view: 'pictures', dieId: id })
  })

  it('name a page that there can be', () => {
    expect(
      ['page=3', '', 'page=0', 'page=-2', 'page=1.5', 'page=x', 'page=1000000'].map((query) => pageIn(at(query))),
    ).toEqual([3, 1, 1, 1, 1, 1, 1])
  })
})
