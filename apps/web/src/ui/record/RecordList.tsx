import type { ReactNode } from 'react'
import { Link } from 'react-router'
import { Loaded } from '../states.js'

/** Records side by side, each under its name with what it shows of itself. */
export const RecordList = <Row extends { readonly id: string; readonly name: string }>({
  query,
  what,
  to,
  empty,
  children,
}: {
  readonly query: {
    readonly data: readonly Row[] | undefined
    readonly error: unknown
    readonly refetch: () => unknown
  }
  /** Said while they are looked for. */
  readonly what: string
  /** The address that theirs are below. */
  readonly to: string
  /** Shown where there is none. */
  readonly empty: ReactNode
  readonly children: (row: Row) => ReactNode
}) => (
  <Loaded query={query} what={what}>
    {(rows) =>
      rows.length === 0 ? (
        empty
      ) : (
        <ul className="grid gap-3 md:grid-cols-2">
          {rows.map((row) => (
            <li key={row.id} className="rounded-lg border border-line p-3">
              <Link to={`${to}/${row.id}`} className="font-display text-lg font-semibold">
                {row.name}
              </Link>
              {children(row)}
            </li>
          ))}
        </ul>
      )
    }
  </Loaded>
)
