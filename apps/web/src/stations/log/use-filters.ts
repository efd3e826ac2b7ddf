import { type RegionId, regionIds, type Seen, seenOutcomes, type TechniqueId, techniqueIds } from '@bold-heron/core'
import { fromOlderTechnique } from '@bold-heron/schema'
import { useSearchParams } from 'react-router'

const names = ['pressId', 'dieId', 'sheetId', 'technique', 'region', 'seen', 'since', 'until'] as const
type FilterName = (typeof names)[number]

export const logViews = ['table', 'timeline', 'pictures'] as const
export type LogView = (typeof logViews)[number]

export interface LogFilters {
  readonly page: number
  readonly values: Readonly<Partial<Record<FilterName, string>>>
  readonly narrowed: boolean
  /** Sets some of the filters; an empty one is taken away. */
  set(changes: Readonly<Partial<Record<FilterName, string>>>): void
  turnTo(page: number): void
  clear(): void
  /** Whether the runs are shown as a table or in pictures. */
  readonly view: LogView
  show(view: LogView): void
}

const isDay = (text: string): boolean => /^\d{4}-\d{2}-\d{2}$/.test(text) && !Number.isNaN(Date.parse(text))
const isId = (text: string): boolean => /^[0-9a-f-]{36}$/i.test(text)

const isUsable: Record<FilterName, (text: string) => boolean> = {
  pressId: isId,
  dieId: isId,
  sheetId: isId,
  technique: (text) => techniqueIds.includes(text as TechniqueId),
  region: (text) => regionIds.includes(text as RegionId),
  seen: (text) => seenOutcomes.includes(text as Seen),
  since: isDay,
  until: isDay,
}

/** The log's filters live in the address, so that a view can be kept and gone back to; what makes no sense there is left out. */
export const useLogFilters = (): LogFilters => {
  const [query, setQuery] = useSearchParams()
  // Links of before name a technique with what of the stack is pressed in one.
  const asked = fromOlderTechnique(Object.fromEntries(query)) as Record<string, string>
  const values = Object.fromEntries(
    names.flatMap((name) => {
      const value = asked[name]
      return value !== undefined && isUsable[name](value) ? [[name, value]] : []
    }),
  )
  const page = Number(query.get('page') ?? 1)
  return {
    page: Number.isInteger(page) && page > 0 && page <= 100_000 ? page : 1,
    values,
    narrowed: Object.keys(values).length > 0,
    set: (changes) =>
      setQuery(
        (before) => {
          const next = new URLSearchParams(before)
          next.delete('page')
          for (const [name, value] of Object.entries({ ...values, ...changes })) {
            if (value === '') next.delete(name)
            else next.set(name, value)
          }
          return next
        },
        { replace: true },
      ),
    turnTo: (to) =>
      setQuery((before) => {
        const next = new URLSearchParams(before)
        next.set('page', String(to))
        return next
      }),
    clear: () => setQuery(new URLSearchParams(), { replace: true }),
    view: logViews.find((view) => view === query.get('view')) ?? 'table',
    show: (view) =>
      setQuery(
        (before) => {
          const next = new URLSearchParams(before)
          if (view === 'table') next.delete('view')
          else next.set('view', view)
          return next
        },
        { replace: true },
      ),
  }
}
