import { useSearchParams } from 'react-router'
import { filtersIn, type FilterValues, pageIn, withFilters } from './filters-in-address.js'

export const logViews = ['table', 'timeline', 'pictures'] as const
type LogView = (typeof logViews)[number]

export interface LogFilters {
  readonly page: number
  readonly values: FilterValues
  readonly narrowed: boolean
  /** Sets some of the filters; an empty one is taken away. */
  set(changes: FilterValues): void
  turnTo(page: number): void
  clear(): void
  /** Whether the runs are shown as a table or in pictures. */
  readonly view: LogView
  show(view: LogView): void
}

/** The log's filters live in the address, so that a view can be kept and gone back to; what makes no sense there is left out. */
export const useLogFilters = (): LogFilters => {
  const [query, setQuery] = useSearchParams()
  const values = filtersIn(query)
  return {
    page: pageIn(query),
    values,
    narrowed: Object.keys(values).length > 0,
    set: (changes) => setQuery((before) => withFilters(before, changes), { replace: true }),
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
