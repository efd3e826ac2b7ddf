import { Chart, Filler, Legend, LinearScale, LineElement, PointElement } from 'chart.js'
import type { GapStory } from '@bold-heron/core'
import { Line } from 'react-chartjs-2'
import { useTranslation } from 'react-i18next'
import { chartColours, chartFont } from '../../../drawing/charts/chart-look.js'
import { useLengths } from '../../../text/lengths.js'

Chart.register(Filler, Legend, LinearScale, LineElement, PointElement)

type Charted = Pick<GapStory, 'gapsMm' | 'prior' | 'now' | 'gapMm' | 'ninetyMm'>

/** What is believed of the gap: of the class alone, and with everything that is known. */
const GapChart = ({ story }: { readonly story: Charted }) => {
  const lengths = useLengths()
  const { t } = useTranslation()
  const curve = (chances: readonly number[]) => story.gapsMm.map((x, at) => ({ x, y: chances[at] as number }))
  const [low, high] = story.ninetyMm
  return (
    <Line
      role="img"
      aria-label={t('shelf.learning.spoken', {
        low: lengths.thickness(low),
        high: lengths.thickness(high),
        gap: lengths.thickness(story.gapMm),
      })}
      data={{
        datasets: [
          {
            label: t('shelf.learning.now'),
            data: curve(story.now),
            parsing: false,
            borderColor: chartColours.clean,
            backgroundColor: 'rgb(13 97 92 / 0.15)',
            borderWidth: 2.5,
            pointRadius: 0,
            fill: true,
          },
          {
            label: t('shelf.learning.prior'),
            data: curve(story.prior),
            parsing: false,
            borderColor: chartColours.ink,
            borderDash: [7, 5],
            borderWidth: 2,
            pointRadius: 0,
          },
        ],
      }}
      options={{
        animation: false,
        responsive: true,
        maintainAspectRatio: false,
        events: [],
        plugins: { legend: { labels: { font: chartFont, color: chartColours.ink, boxWidth: 26, boxHeight: 1 } } },
        scales: {
          x: {
            type: 'linear',
            min: story.gapsMm[0] as number,
            max: story.gapsMm.at(-1) as number,
            title: {
              display: true,
              text: t('shelf.learning.axis', { unit: lengths.style.unit }),
              font: chartFont,
              color: chartColours.inkSoft,
            },
            ticks: {
              font: chartFont,
              color: chartColours.inkSoft,
              maxTicksLimit: 7,
              callback: (value) => lengths.bare(Number(value)),
            },
            grid: { display: false },
          },
          y: { display: false, min: 0 },
        },
      }}
    />
  )
}

export default GapChart
