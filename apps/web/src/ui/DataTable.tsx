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

/** A table that can be sorted by its headings. */
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
    classes('px-3 py-2', meta?.figures && 'text-right whitespace-nowrap', meta?.wideOnly && 'hidden md:table-cell')
  return (
    <div className="overflow-x-auto">
      <table className="w-full border-collapse">
        <caption className="sr-only">{caption}</caption>
        <thead>
          {table.getHeaderGroups().map((group) => (
            <tr key={group.id} className="border-b-2 border-ink/70 text-left text-sm text-ink-soft">
              {group.headers.map((header) => {
                const sorted = header.column.getIsSorted()
                return (
                  <th
                    key={header.id}
                    scope="col"
                    aria-sort={sorted === 'asc' ? 'ascending' : sorted === 'desc' ? 'descending' : 'none'}
                    className={cellClass(header.column.columnDef.meta)}
                  >
                    {header.column.getCanSort() ? (
                      <button
                        type="button"
                        className="inline-flex items-center gap-1 font-bold hover:text-ink"
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
        <tbody>
          {table.getRowModel().rows.map((row) => (
            <tr
              key={row.id}
              className={classes('border-b border-line', row.id === current ? 'bg-warn-wash/60' : 'hover:bg-sunk/50')}
            >
              {row.getVisibleCells().map((cell) => (
                <td key={cell.id} className={cellClass(cell.column.columnDef.meta)}>
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
