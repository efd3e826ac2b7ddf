import { factsOfDieClass, techniqueOf } from '@bold-heron/core'
import type { ChartRow, DieRow } from '@bold-heron/schema'
import { useTranslation } from 'react-i18next'
import { useRowsById } from '../../../data/rows.js'
import { colourOf } from '../../../drawing/colour-of.js'
import { DieThumb } from '../../../drawing/DieThumb.js'
import { useLengths } from '../../../text/lengths.js'

/** Rows and columns shown in little; the grid itself has them all. */
const MOST_ROWS = 4
const MOST_COLUMNS = 8

interface OnShelf {
  readonly id: string
  readonly retiredAt: string | null
}

/** What a chart names, or where it names none, all that there is and is fit for it. */
const namedOr = <Row extends OnShelf>(
  ids: readonly string[],
  all: ReadonlyMap<string, Row>,
  isFit: (row: Row) => boolean = () => true,
): readonly string[] =>
  ids.length > 0 ? ids : [...all.values()].flatMap((row) => (row.retiredAt === null && isFit(row) ? [row.id] : []))

/** What a wall chart is of, in little: its dies down the side, its sheets across, a cell for each of them. */
export const ChartMini = ({ chart }: { readonly chart: Pick<ChartRow, 'rows' | 'columns' | 'technique'> }) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const dies = useRowsById('dies')
  const sheets = useRowsById('sheets')
  const { takes } = techniqueOf(chart.technique)
  const rows =
    chart.rows.by === 'dies'
      ? namedOr(chart.rows.dieIds, dies, ({ dieClass }) => takes.includes(factsOfDieClass(dieClass).use)).map((id) => ({
          id,
          head: dies.has(id) && <DieThumb die={dies.get(id) as DieRow} />,
        }))
      : chart.rows.dieClasses.map((id) => ({ id, head: t(`words.dieClass.${id}`) }))
  const columns =
    chart.columns.by === 'sheets'
      ? namedOr(chart.columns.sheetIds, sheets).map((id) => ({
          id,
          head: (
            <span
              className="mx-auto block h-3 w-6 border border-ink/40 forced-color-adjust-none"
              style={{ background: colourOf(sheets.get(id)?.colour ?? '') }}
            />
          ),
        }))
      : chart.columns.mm.map((mm) => ({ id: String(mm), head: lengths.bare(mm) }))
  const shown = columns.slice(0, MOST_COLUMNS)
  return (
    <table aria-hidden className="mt-2 border-collapse text-sm text-ink-soft">
      <tbody>
        <tr>
          <td />
          {shown.map(({ id, head }) => (
            <td key={id} className="px-0.5 pb-1">
              {head}
            </td>
          ))}
        </tr>
        {rows.slice(0, MOST_ROWS).map(({ id, head }) => (
          <tr key={id}>
            <td className="pr-1">{head}</td>
            {shown.map((column) => (
              <td key={column.id} className="min-w-8 border border-line bg-sunk" />
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  )
}
