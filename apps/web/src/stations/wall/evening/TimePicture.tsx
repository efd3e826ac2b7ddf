import type { EveningAnswer } from '@bold-heron/schema'
import { useTranslation } from 'react-i18next'
import { sayJobs, sayMoment } from './said.js'

/** px. */
const WIDE = 1000
const LEFT = 8
const LANE = 86
const TOP = 24

/** A tick every so many minutes, so that there are about eight. */
const tickOf = (finishMin: number): number =>
  [5, 10, 15, 20, 30, 60, 120, 240].find((each) => finishMin / each <= 9) ?? 480

/** The evening over time: a lane a press, runs as boxes, plate changes as marks with how many layers, rests hatched. */
export const TimePicture = ({ plan, beginsAt }: { readonly plan: EveningAnswer; readonly beginsAt: string | null }) => {
  const { t } = useTranslation()
  const most = Math.max(1, plan.finishMin)
  const x = (minutes: number): number => LEFT + (minutes / most) * (WIDE - 2 * LEFT)
  const tick = tickOf(most)
  const high = TOP + plan.queues.length * LANE + 6
  return (
    // Wider than a phone it is moved along, by keys too.
    <div className="overflow-x-auto" tabIndex={0} role="region" aria-label={t('wall.evening.timePicture')}>
      <svg
        viewBox={`0 0 ${WIDE} ${high}`}
        className="block w-full min-w-[44rem]"
        role="img"
        aria-label={t('wall.evening.timeDescribed', {
          count: plan.queues.length,
          finish: sayMoment(t, plan.finishMin, beginsAt),
        })}
      >
        <defs>
          <pattern id="evening-rest" width={6} height={6} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
            <rect width={6} height={6} fill="white" />
            <path d="M0 0V6" stroke="var(--color-ink-soft)" strokeWidth={1.5} />
          </pattern>
        </defs>
        {Array.from({ length: Math.floor(most / tick) + 1 }, (_, at) => (
          <g key={at}>
            <line x1={x(at * tick)} x2={x(at * tick)} y1={TOP - 6} y2={high} stroke="var(--color-line)" />
            <text
              x={Math.min(WIDE - 24, Math.max(20, x(at * tick)))}
              y={14}
              fontSize={13}
              textAnchor="middle"
              fill="var(--color-ink)"
            >
              {sayMoment(t, at * tick, beginsAt)}
            </text>
          </g>
        ))}
        {plan.queues.map((queue, lane) => {
          const y = TOP + lane * LANE
          return (
            <g key={queue.pressId}>
              <text x={LEFT} y={y + 14} fontSize={14} fontWeight={700} fill="var(--color-ink)">
                {plan.names[queue.pressId]} · {plan.names[queue.personId]}
              </text>
              {queue.runs.map((run) => {
                const clear = x(run.restsAtMin[0] ?? run.toMin) - x(run.fromMin)
                const restMin = run.restMin / Math.max(1, run.restsAtMin.length)
                const wide = Math.max(3, x(run.toMin) - x(run.fromMin) - 1)
                return (
                  <g key={run.batchId + run.fromMin}>
                    <rect
                      x={x(run.fromMin)}
                      y={y + 36}
                      width={wide}
                      height={34}
                      fill="#e6efee"
                      stroke="var(--color-ink)"
                    />
                    {run.restsAtMin.map((at) => (
                      <rect
                        key={at}
                        x={x(at)}
                        y={y + 36}
                        width={Math.max(2, x(at + restMin) - x(at))}
                        height={34}
                        fill="url(#evening-rest)"
                        stroke="var(--color-ink)"
                      />
                    ))}
                    {run.changes.count > 0 && (
                      <g>
                        <path d={`M${x(run.fromMin)} ${y + 36}l-5 -8h10z`} fill="var(--color-accent-deep)" />
                        <text
                          x={x(run.fromMin) + 7}
                          y={y + 34}
                          fontSize={12}
                          fontWeight={700}
                          fill="var(--color-accent-deep)"
                        >
                          {run.changes.count}
                        </text>
                      </g>
                    )}
                    {wide > 60 && (
                      <text x={x(run.fromMin) + 5} y={y + 58} fontSize={12.5} fill="var(--color-ink)">
                        {sayJobs(run, plan.names).slice(0, Math.max(3, Math.floor((clear - 8) / 7)))}
                      </text>
                    )}
                  </g>
                )
              })}
            </g>
          )
        })}
      </svg>
      <p className="text-sm text-ink-soft">{t('wall.evening.timeLegend')}</p>
    </div>
  )
}
