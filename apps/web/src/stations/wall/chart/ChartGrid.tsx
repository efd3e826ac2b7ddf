import type { ChartAnswer, ChartCellAnswer } from '@bold-heron/schema'
import { useTranslation } from 'react-i18next'
import { BaseNumber } from '../../../drawing/BaseNumber.js'
import { useLengths } from '../../../text/lengths.js'
import { classes } from '../../../ui/classes.js'
import { sayCell, sayColumn, sayFeel, sayPasses, sayRow, sayShims } from './said.js'

/** Where a cell stands. */
export interface CellPlace {
  readonly row: number
  readonly column: number
}

const CellInside = ({ chart, cell }: { readonly chart: ChartAnswer; readonly cell: ChartCellAnswer }) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  if (cell.is === 'empty')
    return <span className="text-xs leading-tight text-ink-soft">{t(`wall.whyShort.${cell.why ?? 'not-sure'}`)}</span>
  return (
    <>
      <span className="flex items-center justify-center gap-1 whitespace-nowrap">
        {cell.base === undefined ? (
          <span className="rounded border border-dashed border-ink px-1 text-xs">{t('wall.cell.ownShort')}</span>
        ) : (
          <BaseNumber number={cell.base + 1} size={24} />
        )}
        <b className="text-lg tabular-nums">{sayPasses(cell)}</b>
        {(cell.figures?.cautions.length ?? 0) > 0 && (
          <span aria-hidden className="font-bold text-danger">
            ▲
          </span>
        )}
        {cell.better.length > 0 && <span aria-hidden>*</span>}
      </span>
      {cell.shimIds.length > 0 && (
        <span className="block text-xs font-bold tabular-nums">{sayShims(cell.shimIds, chart, lengths)}</span>
      )}
      <span className="block text-xs text-ink-soft">{sayFeel(t, cell)}</span>
    </>
  )
}

/** The grid: what is pressed down, what it is pressed on across; each cell known by a shape and words. */
export const ChartGrid = ({
  chart,
  chosen,
  marked,
  onChoose,
}: {
  readonly chart: ChartAnswer
  readonly chosen: CellPlace | undefined
  /** Cells that something would fill. */
  readonly marked: readonly (readonly [number, number])[]
  readonly onChoose: (place: CellPlace) => void
}) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  return (
    // Wider than the page it is moved along, by keys too.
    <div
      className="max-h-[34rem] overflow-auto rounded border border-line"
      tabIndex={0}
      role="region"
      aria-label={t('wall.grid')}
    >
      <table className="border-separate border-spacing-0">
        <thead>
          <tr>
            <td className="sticky top-0 left-0 z-20 border-r border-b border-ink/40 bg-leaf" />
            {chart.columns.map((column) => {
              const [name, thickness] = sayColumn(t, column, lengths)
              return (
                <th
                  key={column.id}
                  scope="col"
                  className="sticky top-0 z-10 max-w-28 min-w-22 border-b border-ink/40 bg-leaf px-1 py-1 align-bottom text-sm leading-tight"
                >
                  <span className="block font-normal">{name}</span>
                  <span className="tabular-nums">{thickness}</span>
                </th>
              )
            })}
          </tr>
        </thead>
        <tbody>
          {chart.rows.map((row, at) => (
            <tr key={row.id}>
              <th
                scope="row"
                className="sticky left-0 z-10 max-w-44 min-w-28 border-r border-b border-ink/40 border-b-line bg-leaf px-2 text-left text-sm leading-tight"
              >
                {sayRow(t, row)}
              </th>
              {(chart.cells[at] ?? []).map((cell, column) => {
                const isChosen = chosen?.row === at && chosen.column === column
                const isMarked = marked.some(([r, c]) => r === at && c === column)
                return (
                  <td key={column} className="border-r border-b border-line p-0">
                    <button
                      type="button"
                      aria-pressed={isChosen}
                      aria-label={`${sayRow(t, row)}, ${sayColumn(t, chart.columns[column] as ChartAnswer['columns'][number], lengths).join(' ')}: ${sayCell(t, chart, cell, lengths)}`}
                      className={classes(
                        'grid h-16 w-full min-w-22 content-center justify-items-center px-1 hover:bg-sunk',
                        isChosen && 'outline-3 -outline-offset-3 outline-accent-deep',
                        isMarked &&
                          'bg-[repeating-linear-gradient(45deg,transparent_0_6px,var(--color-sunk)_6px_12px)]',
                      )}
                      onClick={() => onChoose({ row: at, column })}
                    >
                      <CellInside chart={chart} cell={cell} />
                    </button>
                  </td>
                )
              })}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  )
}
