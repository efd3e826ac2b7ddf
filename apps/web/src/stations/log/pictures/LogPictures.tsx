import { firstRounds, passesBySheets, roundsUntilGood, runningMean, type TechniqueId, toldOf } from '@bold-heron/core'
import type { PadWearRow, RunRow } from '@bold-heron/schema'
import {
  BarController,
  BarElement,
  CategoryScale,
  Chart,
  LinearScale,
  LineElement,
  PointElement,
  ScatterController,
  Tooltip,
} from 'chart.js'
import type { ReactNode } from 'react'
import { Bar, Scatter } from 'react-chartjs-2'
import { useTranslation } from 'react-i18next'
import { chartColours, chartFont } from '../../../drawing/charts/chart-look.js'
import { sayDay } from '../../../text/dates.js'
import { useLengths } from '../../../text/lengths.js'

Chart.register(
  BarController,
  BarElement,
  CategoryScale,
  LinearScale,
  LineElement,
  PointElement,
  ScatterController,
  Tooltip,
)

/** Attempts that the line through the rounds takes together. */
const TOGETHER = 8

const ticks = { font: chartFont, color: chartColours.inkSoft } as const
const titled = (text: string) => ({ display: true, text, font: chartFont, color: chartColours.inkSoft })
const plain = {
  animation: false,
  responsive: true,
  maintainAspectRatio: false,
  plugins: { legend: { display: false } },
} as const

const Picture = ({ question, answer, children }: { question: string; answer: string; children: ReactNode }) => (
  <figure className="rounded-lg border border-line bg-leaf p-4">
    <figcaption>
      <h2 className="text-lg">{question}</h2>
      <p className="text-ink-soft">{answer}</p>
    </figcaption>
    <div className="mt-2 h-56">{children}</div>
  </figure>
)

/** Colour and shape of a look that stands so many places above the one that is wanted. */
const markOf = (above: number) =>
  above === 0
    ? ({ backgroundColor: chartColours.clean, pointStyle: 'circle' } as const)
    : above > 0
      ? ({ backgroundColor: chartColours.danger, pointStyle: 'triangle' } as const)
      : ({ backgroundColor: chartColours.warn, pointStyle: 'rect' } as const)

const mean = (values: readonly number[]): number => values.reduce((sum, value) => sum + value, 0) / values.length
const toTenth = (value: number): string => value.toFixed(1)

/** How much of each pad's life is gone, in passes. */
const PadLife = ({ pads }: { readonly pads: readonly PadWearRow[] }) => {
  const { t } = useTranslation()
  const used = pads.flatMap(({ name, faces, passesLeft }) =>
    passesLeft === null ? [] : [{ name, done: faces.a.passes + faces.b.passes, left: passesLeft }],
  )
  const answer =
    used.length > 0
      ? used.map(({ name, left }) => t('log.pictures.padLeft', { name, count: Math.round(left) })).join(' · ')
      : t('log.pictures.nothing')
  return (
    <Picture question={t('log.pictures.pads')} answer={answer}>
      <Bar
        role="img"
        aria-label={`${t('log.pictures.pads')} ${answer}`}
        data={{
          labels: used.map(({ name }) => name),
          datasets: [
            { data: used.map(({ done }) => done), backgroundColor: chartColours.inkSoft, maxBarThickness: 26 },
            {
              data: used.map(({ left }) => left),
              backgroundColor: 'transparent',
              borderColor: chartColours.clean,
              borderWidth: 2,
              maxBarThickness: 26,
            },
          ],
        }}
        options={{
          ...plain,
          indexAxis: 'y',
          scales: {
            x: { stacked: true, min: 0, ticks, title: titled(t('log.pictures.padsAxis')) },
            y: { stacked: true, ticks, grid: { display: false } },
          },
        }}
      />
    </Picture>
  )
}

/** How many rounds it took until a job came out as wanted, attempt by attempt. */
const RoundsTaken = ({ runs }: { readonly runs: readonly RunRow[] }) => {
  const { t } = useTranslation()
  const attempts = roundsUntilGood(runs)
  const rounds = attempts.map((each) => each.rounds)
  const smooth = runningMean(rounds, TOGETHER)
  const roundsAnswer =
    attempts.length > 0
      ? t('log.pictures.roundsAnswer', { mean: toTenth(mean(rounds)), count: attempts.length })
      : t('log.pictures.nothing')
  return (
    <Picture question={t('log.pictures.rounds')} answer={roundsAnswer}>
      <Scatter
        role="img"
        aria-label={`${t('log.pictures.rounds')} ${roundsAnswer}`}
        data={{
          datasets: [
            {
              data: attempts.map(({ at, rounds }) => ({ x: at, y: rounds })),
              backgroundColor: chartColours.ink,
              pointRadius: 4,
            },
            {
              data: attempts.map(({ at }, index) => ({ x: at, y: smooth[index] as number })),
              showLine: true,
              borderColor: chartColours.clean,
              borderWidth: 2.5,
              pointRadius: 0,
            },
          ],
        }}
        options={{
          ...plain,
          scales: {
            x: {
              type: 'linear',
              ticks: {
                ...ticks,
                maxTicksLimit: 5,
                callback: (value) => sayDay(new Date(Number(value)).toISOString()),
              },
              grid: { display: false },
            },
            y: { min: 0, ticks: { ...ticks, stepSize: 1 }, title: titled(t('log.pictures.roundsAxis')) },
          },
        }}
      />
    </Picture>
  )
}

/** What each squeeze beyond the pile came out as at first. */
const SqueezeSeen = ({ runs, technique }: { readonly runs: readonly RunRow[]; readonly technique: TechniqueId }) => {
  const lengths = useLengths()
  const { t } = useTranslation()
  const { looks, asWanted } = toldOf(technique)
  const firsts = firstRounds(runs)
  const good = firsts.flatMap(({ isGood, overMm }) => (isGood ? [overMm] : []))
  const seenName = (at: number): string => {
    const seen = looks[at]
    return seen ? t(`words.seen.${seen}`) : ''
  }
  const squeezeAnswer =
    good.length > 0
      ? t('log.pictures.squeezeAnswer', {
          low: lengths.thickness(good.reduce((least, mm) => Math.min(least, mm), Infinity)),
          high: lengths.thickness(good.reduce((most, mm) => Math.max(most, mm), -Infinity)),
        })
      : t('log.pictures.nothing')
  return (
    <Picture question={t('log.pictures.squeeze')} answer={squeezeAnswer}>
      <Scatter
        role="img"
        aria-label={`${t('log.pictures.squeeze')} ${squeezeAnswer}`}
        data={{
          datasets: looks.map((look, at) => ({
            data: firsts.flatMap(({ seen, overMm }) => (seen === look ? [{ x: overMm, y: at }] : [])),
            ...markOf(at - looks.indexOf(asWanted)),
            pointRadius: 5,
          })),
        }}
        options={{
          ...plain,
          scales: {
            x: {
              type: 'linear',
              ticks: { ...ticks, maxTicksLimit: 7, callback: (value) => lengths.bare(Number(value)) },
              title: titled(t('log.pictures.squeezeAxis', { unit: lengths.style.unit })),
            },
            y: {
              min: -0.5,
              max: looks.length - 0.5,
              afterBuildTicks: (axis) => {
                axis.ticks = looks.map((_, value) => ({ value }))
              },
              ticks: { ...ticks, callback: (value) => seenName(Number(value)) },
            },
          },
        }}
      />
    </Picture>
  )
}

/** How many passes so many sheets at once took. */
const PassesBySheets = ({ runs }: { readonly runs: readonly RunRow[] }) => {
  const { t } = useTranslation()
  const bySheets = passesBySheets(runs)
  const passesAnswer =
    bySheets.length > 0
      ? bySheets
          .map(({ sheets, passes, attempts: count }) =>
            t('log.pictures.passesAnswer', { count: sheets, passes: toTenth(passes), attempts: count }),
          )
          .join(' · ')
      : t('log.pictures.nothing')
  return (
    <Picture question={t('log.pictures.passes')} answer={passesAnswer}>
      <Bar
        role="img"
        aria-label={`${t('log.pictures.passes')} ${passesAnswer}`}
        data={{
          labels: bySheets.map(({ sheets }) => String(sheets)),
          datasets: [
            {
              data: bySheets.map(({ passes }) => passes),
              backgroundColor: chartColours.inkSoft,
              maxBarThickness: 56,
            },
          ],
        }}
        options={{
          ...plain,
          scales: {
            x: { ticks, title: titled(t('log.pictures.sheetsAxis')), grid: { display: false } },
            y: { min: 0, ticks, title: titled(t('log.pictures.passesAxis')) },
          },
        }}
      />
    </Picture>
  )
}

/** Questions people ask of their log, each with the picture that answers it, for the runs of one technique that the filters leave. */
const LogPictures = ({
  runs,
  technique,
  pads,
}: {
  readonly runs: readonly RunRow[]
  readonly technique: TechniqueId
  readonly pads: readonly PadWearRow[]
}) => (
  <div className="grid grid-cols-1 gap-3 lg:grid-cols-2">
    <RoundsTaken runs={runs} />
    <SqueezeSeen runs={runs} technique={technique} />
    <PassesBySheets runs={runs} />
    <PadLife pads={pads} />
  </div>
)

export default LogPictures
