import { Chart, Filler, Legend, LinearScale, LineElement, PointElement, Tooltip } from 'chart.js'
import { Line } from 'react-chartjs-2'
import { useTranslation } from 'react-i18next'
import { chartColours, chartFont } from '../../../drawing/charts/chart-look.js'
import type { LoadCurve } from '@bold-heron/core'
import { useLengths } from '../../../text/lengths.js'

Chart.register(Filler, Legend, LinearScale, LineElement, PointElement, Tooltip)

/** mm. The chart begins and ends at round numbers of the user's unit. */
const ROUND_MM = 20
const ROUND_IN_MM = 12.7

/** What the hand, or the motor, has to bear as the stack goes through, and what it can. */
const LoadChart = ({
  load,
  limitN,
  byHand,
}: {
  readonly load: LoadCurve
  readonly limitN: number
  readonly byHand: boolean
}) => {
  const lengths = useLengths()
  const { t } = useTranslation()
  const points = Array.from(load.xMm, (x, at) => ({ x, y: load.loadN[at] as number }))
  const round = lengths.style.unit === 'mm' ? ROUND_MM : ROUND_IN_MM
  const first = Math.floor((points[0]?.x ?? 0) / round) * round
  const last = Math.ceil((points.at(-1)?.x ?? 1) / round) * round
  const peakN = load.loadN.reduce((most, each) => Math.max(most, each), 0)
  const what = t(byHand ? 'plan.load.handle' : 'plan.load.nip')
  return (
    <Line
      role="img"
      aria-label={t('plan.load.spoken', { what, peak: Math.round(peakN), limit: Math.round(limitN) })}
      data={{
        datasets: [
          {
            label: what,
            data: points,
            parsing: false,
            borderColor: chartColours.ink,
            backgroundColor: 'rgb(34 48 60 / 0.12)',
            borderWidth: 2,
            pointRadius: 0,
            fill: true,
          },
          {
            label: t(byHand ? 'plan.load.limitHand' : 'plan.load.limitMotor'),
            data: [
              { x: first, y: limitN },
              { x: last, y: limitN },
            ],
            parsing: false,
            borderColor: chartColours.danger,
            borderWidth: 2,
            borderDash: [7, 5],
            pointRadius: 0,
          },
        ],
      }}
      options={{
        animation: false,
        responsive: true,
        maintainAspectRatio: false,
        interaction: { mode: 'nearest', axis: 'x', intersect: false },
        plugins: {
          legend: { labels: { font: chartFont, color: chartColours.ink, boxWidth: 26, boxHeight: 1 } },
          tooltip: {
            bodyFont: chartFont,
            titleFont: chartFont,
            callbacks: {
              title: ([item]) => (item ? lengths.size(item.parsed.x ?? 0) : ''),
              label: (item) => `${item.dataset.label}: ${Math.round(item.parsed.y ?? 0)} N`,
            },
          },
        },
        scales: {
          x: {
            type: 'linear',
            min: first,
            max: last,
            title: {
              display: true,
              text: t('plan.load.along', { unit: lengths.style.unit }),
              font: chartFont,
              color: chartColours.inkSoft,
            },
            ticks: {
              font: chartFont,
              color: chartColours.inkSoft,
              stepSize: round,
              maxTicksLimit: 8,
              callback: (value) => lengths.size(Number(value)).replace(/ (mm|in)$/, ''),
            },
            grid: { display: false },
          },
          y: {
            type: 'linear',
            min: 0,
            suggestedMax: limitN * 1.1,
            title: { display: true, text: 'N', font: chartFont, color: chartColours.inkSoft },
            ticks: { font: chartFont, color: chartColours.inkSoft, maxTicksLimit: 5 },
            grid: { color: chartColours.grid },
          },
        },
      }}
    />
  )
}

export default LoadChart
