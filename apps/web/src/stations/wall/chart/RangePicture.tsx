import type { ChartAnswer } from '@bold-heron/schema'
import { useTranslation } from 'react-i18next'
import { BaseNumber } from '../../../drawing/BaseNumber.js'
import { useLengths } from '../../../text/lengths.js'
import { sayRow, sayShims } from './said.js'

const FROM_MM = 0.1
const TO_MM = 2
const shareOf = (mm: number): string =>
  `${(100 * Math.min(TO_MM, Math.max(FROM_MM, mm)) - 100 * FROM_MM) / (TO_MM - FROM_MM)}%`
/** What a count of passes is filled with; more passes, closer lines. */
const fills = ['bg-clean text-leaf', 'bg-clean/40', 'bg-clean/20'] as const

/** Which thicknesses of plain card each die cuts on each base stack, over a ruler with the shelf's sheets on it: will it do this card too? */
export const RangePicture = ({ chart }: { readonly chart: ChartAnswer }) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const ticks = [0.1, 0.25, 0.5, 0.75, 1, 1.25, 1.5, 1.75, 2]
  return (
    <section className="space-y-2">
      <h3 className="text-xl">{t('wall.ranges')}</h3>
      <p className="text-ink-soft">{t('wall.rangesSay')}</p>
      <div className="grid grid-cols-[minmax(8rem,14rem)_1fr] items-center gap-x-3 gap-y-1 text-sm">
        <span />
        <div className="relative h-6 border-b border-ink" aria-hidden>
          {ticks.map((mm) => (
            <span key={mm} className="absolute bottom-0 -translate-x-1/2 tabular-nums" style={{ left: shareOf(mm) }}>
              {lengths.bare(mm)}
            </span>
          ))}
          {chart.columns.map((column) => (
            <span
              key={column.id}
              title={column.name}
              className="absolute -bottom-1.5 h-3 w-0.5 -translate-x-1/2 bg-accent-deep"
              style={{ left: shareOf(column.thicknessMm) }}
            />
          ))}
        </div>
        {chart.ranges.map((bar) => {
          const die = chart.rows[bar.row]
          const said = bar.spans.map((span) =>
            t('wall.range.span', {
              count: span.passes,
              from: lengths.thickness(span.fromMm),
              to: lengths.thickness(span.toMm),
            }),
          )
          return (
            <div key={`${bar.row} ${bar.base}`} className="contents">
              <span className="flex items-center gap-1 leading-tight">
                <BaseNumber number={bar.base + 1} size={22} />
                <span className="min-w-0">
                  {die ? sayRow(t, die) : ''}{' '}
                  <span className="tabular-nums">{sayShims(bar.shimIds, chart, lengths)}</span>
                </span>
              </span>
              <div
                className="relative h-6 bg-sunk"
                role="img"
                aria-label={`${die ? sayRow(t, die) : ''}, ${t('wall.cell.base', { number: bar.base + 1 })}: ${said.join('; ') || t('wall.range.onlyShims')}`}
              >
                {bar.withShims && (
                  <span
                    className="absolute top-2.5 h-1 bg-ink/40"
                    style={{ left: shareOf(bar.withShims[0]), right: `calc(100% - ${shareOf(bar.withShims[1])})` }}
                  />
                )}
                {bar.spans.map((span) => (
                  <span
                    key={span.fromMm}
                    className={`absolute top-0.5 flex h-5 items-center justify-center border border-ink text-xs font-bold ${fills[span.passes - 1] ?? 'bg-leaf'}`}
                    style={{ left: shareOf(span.fromMm), right: `calc(100% - ${shareOf(span.toMm + 0.05)})` }}
                  >
                    {span.passes}×
                  </span>
                ))}
              </div>
            </div>
          )
        })}
      </div>
    </section>
  )
}
