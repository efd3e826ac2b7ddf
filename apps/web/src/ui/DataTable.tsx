import {
  type ColumnDef,
  flexRender,
  getCoreRowModel,
  getSortedRowModel,
  type RowData,
  type SortingState,
  useReactTable,
} from '@tanstack/react-table'
import { ArrowDown, ArrowUp } from 'lucide-react'
import { useState } from 'react'
import { classes } from './classes.js'

declare module '@tanstack/react-table' {
  // eslint-disable-next-line @typescript-eslint/no-unused-vars -- the names are those of the interface being widened
  interface ColumnMeta<TData extends RowData, TValue> {
    /** Figures stand at the right, so that their places line up. */
    readonly figures?: boolean
    /** Left out where the table is narrow. */
    readonly wideOnly?: boolean
  }
}

/** What stands over a column, where that is plain words. */
const headingOf = <Row,>({ header }: ColumnDef<Row>): string | undefined =>
  typeof header === 'string' ? header : undefined

/** A table that can be sorted by its headings; on a narrow screen each row is its first cell with the others in a line below. */
export const DataTable = <Row extends { readonly id: string }>({
  caption,
  columns,
  rows,
  current,
}: {
  readonly caption: string
  readonly columns: ColumnDef<Row>[]
  readonly rows: Row[]
  /** The id of the row that is open beside the table. */
  readonly current?: string | undefined
}) => {
  const [sorting, setSorting] = useState<SortingState>([])
  // eslint-disable-next-line react-hooks/incompatible-library -- the table's functions are not passed on to memoised parts
  const table = useReactTable({
    data: rows,
    columns,
    state: { sorting },
    onSortingChange: setSorting,
    getRowId: (row) => row.id,
    getCoreRowModel: getCoreRowModel(),
    getSortedRowModel: getSortedRowModel(),
  })
  const cellClass = (meta: { figures?: boolean; wideOnly?: boolean } | undefined) =>
    classes(
      'sm:px-3 sm:py-2',
      // A figure that stands in a line with others says what it is.
      meta?.figures && 'whitespace-nowrap max-sm:before:mr-1 max-sm:before:content-[attr(data-label)] sm:text-right',
      meta?.wideOnly && 'max-md:hidden',
    )
  return (
    <div className="overflow-x-auto">
      <table role="table" className="w-full border-collapse max-sm:block">
        <caption className="sr-only">{caption}</caption>
        <thead role="rowgroup" className="max-sm:block">
          {table.getHeaderGroups().map((group) => (
            <tr
              key={group.id}
              role="row"
              className="border-b-2 border-ink/70 text-left text-sm text-ink-soft max-sm:flex max-sm:flex-wrap max-sm:gap-x-4"
            >
              {group.headers.map((header) => {
                const sorted = header.column.getIsSorted()
                return (
                  <th
                    key={header.id}
                    scope="col"
                    role="columnheader"
                    aria-sort={sorted === 'asc' ? 'ascending' : sorted === 'desc' ? 'descending' : 'none'}
                    className={cellClass(header.column.columnDef.meta)}
                  >
                    {header.column.getCanSort() ? (
                      <button
                        type="button"
                        className="inline-flex items-center gap-1 font-bold hover:text-ink max-sm:min-h-11"
                        onClick={header.column.getToggleSortingHandler()}
                      >
                        {flexRender(header.column.columnDef.header, header.getContext())}
                        {sorted === 'asc' && <ArrowUp aria-hidden size={14} />}
                        {sorted === 'desc' && <ArrowDown aria-hidden size={14} />}
                      </button>
                    ) : (
                      flexRender(header.column.columnDef.header, header.getContext())
                    )}
                  </th>
                )
              })}
            </tr>
          ))}
        </thead>
        <tbody role="rowgroup" className="max-sm:block">
          {table.getRowModel().rows.map((row) => (
            <tr
              key={row.id}
              role="row"
              className={classes(
                'border-b border-line max-sm:flex max-sm:flex-wrap max-sm:gap-x-4 max-sm:py-2',
                row.id === current ? 'bg-warn-wash/60' : 'hover:bg-sunk/50',
              )}
            >
              {row.getVisibleCells().map((cell, at) => (
                <td
                  key={cell.id}
                  role="cell"
                  data-label={headingOf(cell.column.columnDef)}
                  className={classes(
                    cellClass(cell.column.columnDef.meta),
                    at === 0 ? 'max-sm:basis-full' : 'max-sm:text-sm max-sm:text-ink-soft',
                  )}
                >
                  {flexRender(cell.column.columnDef.cell, cell.getContext())}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  )
}
