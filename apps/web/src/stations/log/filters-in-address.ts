import { type RegionId, regionIds, type Seen, seenOutcomes, type TechniqueId, techniqueIds } from '@bold-heron/core'
import { fromOlderTechnique } from '@bold-heron/schema'

const names = ['q', 'pressId', 'dieId', 'sheetId', 'technique', 'region', 'seen', 'since', 'until'] as const
type FilterName = (typeof names)[number]

/** Letters of a question at most. */
const MOST_ASKED = 120

const isDay = (text: string): boolean => /^\d{4}-\d{2}-\d{2}$/.test(text) && !Number.isNaN(Date.parse(text))
const isId = (text: string): boolean => /^[0-9a-f-]{36}$/i.test(text)

const isUsable: Record<FilterName, (text: string) => boolean> = {
  q: (text) => text.length > 0 && text.length <= MOST_ASKED,
  pressId: isId,
  dieId: isId,
  sheetId: isId,
  technique: (text) => techniqueIds.includes(text as TechniqueId),
  region: (text) => regionIds.includes(text as RegionId),
  seen: (text) => seenOutcomes.includes(text as Seen),
  since: isDay,
  until: isDay,
}

export type FilterValues = Readonly<Partial<Record<FilterName, string>>>

/** What an address filters by; what makes no sense there is left out. Links of before name a technique with what of the stack is pressed in one. */
export const filtersIn = (query: URLSearchParams): FilterValues => {
  const asked = fromOlderTechnique(Object.fromEntries(query)) as Record<string, string>
  return Object.fromEntries(
    names.flatMap((name) => {
      const value = asked[name]
      return value !== undefined && isUsable[name](value) ? [[name, value]] : []
    }),
  )
}

/** The page of the list that an address names; the first where it names none. */
export const pageIn = (query: URLSearchParams): number => {
  const page = Number(query.get('page') ?? 1)
  return Number.isInteger(page) && page > 0 && page <= 100_000 ? page : 1
}

/** An address with some filters set; an empty one is taken away, and the list begins anew. */
export const withFilters = (query: URLSearchParams, changes: FilterValues): URLSearchParams => {
  const next = new URLSearchParams(query)
  next.delete('page')
  for (const [name, value] of Object.entries({ ...filtersIn(query), ...changes })) {
    if (value === '') next.delete(name)
    else next.set(name, value)
  }
  return next
}
