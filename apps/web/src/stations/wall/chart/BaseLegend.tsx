import type { ChartAnswer } from '@bold-heron/schema'
import { useTranslation } from 'react-i18next'
import { BaseNumber } from '../../../drawing/BaseNumber.js'
import { BaseStackDrawing } from '../../../drawing/BaseStackDrawing.js'
import { useLengths } from '../../../text/lengths.js'
import { platesOfChart } from './said.js'

/** The base stacks that the chart keeps, drawn to scale. */
export const BaseLegend = ({ chart }: { readonly chart: ChartAnswer }) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const plates = platesOfChart(chart)
  const off = chart.cost - chart.bound
  return (
    <section className="space-y-3">
      <h3 className="text-xl">{t('wall.bases', { count: chart.bases.length })}</h3>
      {chart.bases.map((base, at) => (
        <figure key={at} className="rounded border border-line p-2">
          <figcaption className="mb-1 flex items-center gap-2">
            <BaseNumber number={at + 1} size={30} />
            <span>{t('wall.baseSays', { count: base.cells, height: lengths.thickness(base.heightMm) })}</span>
          </figcaption>
          <BaseStackDrawing
            stack={base.stack}
            plateOf={(id) => plates.get(id)}
            pressed={t('wall.pressed')}
            described={t('wall.baseDrawing', { number: at + 1 })}
            thickness={lengths.thickness}
          />
        </figure>
      ))}
      <p className="text-sm text-ink-soft">
        {chart.proven
          ? t('wall.proven', { count: chart.candidateCount })
          : t('wall.notProven', { off: off.toFixed(1) })}
      </p>
    </section>
  )
}
