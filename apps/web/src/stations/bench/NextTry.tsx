import {
  type Die,
  differenceOf,
  type PlanRequest,
  SHARE_WORTH_MEASURING,
  sheetsGoOn,
  type Stack,
  type ReportedRound,
} from '@bold-heron/core'
import type { ReactNode } from 'react'
import { useTranslation } from 'react-i18next'
import { jobPath } from '../../data/job-address.js'
import { useTrialAdvice } from '../../data/plan.js'
import { layerName } from '../../pressing/stack/layer-name.js'
import { useLengths } from '../../text/lengths.js'
import { sayHungAt } from '../../text/say-hung-at.js'
import { percent, sayChance } from '../../text/say-cut.js'
import { sayPieces } from '../../text/say-difference.js'
import { Button, ButtonLink } from '../../ui/Button.js'
import { Loaded } from '../../ui/states.js'
import { BenchTitle } from './steps/BenchTitle.js'
import { Care } from './steps/Care.js'

/** The one thing to change, in a line. */
const Change = ({ from, to, goesOn, passes }: { from: Stack; to: Stack; goesOn: boolean; passes: number }) => {
  const { t } = useTranslation()
  if (goesOn) return <BenchTitle>{t('bench.nextTry.same', { count: passes })}</BenchTitle>
  const { out, into, reordered } = differenceOf(from, to)
  return (
    <>
      {out.length > 0 && <BenchTitle>{t('bench.change.out', { pieces: sayPieces(t, out) })}</BenchTitle>}
      {into.length > 0 && <BenchTitle>{t('bench.change.into', { pieces: sayPieces(t, into) })}</BenchTitle>}
      {reordered && <BenchTitle>{t('bench.change.reordered')}</BenchTitle>}
      <p>{t('bench.nextTry.passes', { count: passes })}</p>
    </>
  )
}

/** That the dies which came out are taken off, and only the others pressed again. */
const OnlyThese = ({ all, only }: { readonly all: readonly Die[]; readonly only: readonly string[] | undefined }) => {
  const { t } = useTranslation()
  if (!only) return null
  const named = (isAgain: boolean) =>
    all
      .filter(({ id }) => only.includes(id) === isAgain)
      .map(({ name }) => name)
      .join(', ')
  return <p className="font-bold">{t('bench.change.diesOff', { off: named(false), again: named(true) })}</p>
}

/** The safest best thing to try next, by what was learnt of the press. */
export const NextTry = ({
  jobId,
  asked,
  tried,
  all,
  only,
  again,
  otherWay,
  onWhy,
  onTry,
}: {
  readonly jobId: string
  /** Of the dies that are pressed again. */
  readonly asked: PlanRequest
  readonly tried: readonly ReportedRound[]
  /** The dies of the whole round, and those of them that are pressed again; absent: all. */
  readonly all: readonly Die[]
  readonly only: readonly string[] | undefined
  /** The way to press all of several dies again, or only what hung; where there is one. */
  readonly again: ReactNode
  /** In place of the way back to the plan. */
  readonly otherWay?: ReactNode
  readonly onWhy: () => void
  readonly onTry: (stack: Stack, passes: number) => void
}) => {
  const lengths = useLengths()
  const { t } = useTranslation()
  const last = tried.at(-1) as ReportedRound
  const advice = useTrialAdvice(jobId, asked, tried)
  const hint = sayHungAt(t, last.look)
  return (
    <Loaded query={advice} what={t('bench.nextTry.thinking')}>
      {({ next, gapMm, gapSpreadMm, surprised }) => {
        const worst = next?.worstLayer
        const layer = worst && next.stack[worst.index]
        return (
          <div className="space-y-4">
            {surprised && <Care>{t('bench.nextTry.surprised')}</Care>}
            {next ? (
              <>
                <p className="text-ink-soft">{t('bench.nextTry.title')}</p>
                <OnlyThese all={all} only={only} />
                <Change from={last.stack} to={next.stack} goesOn={next.goesOn} passes={next.passes} />
                {!sheetsGoOn(last.look) && <p>{t('bench.nextTry.spoilt')}</p>}
                <p>
                  {t('bench.nextTry.chance', { chance: sayChance(t, next.chance) })}{' '}
                  {t('bench.nextTry.stops', { chance: sayChance(t, next.stops) })}
                </p>
              </>
            ) : (
              <>
                <Care>{t('bench.nextTry.nothing')}</Care>
                <ButtonLink to={`/shelf/presses/${asked.cut.press.id}/feel`}>{t('bench.nextTry.feel')}</ButtonLink>
              </>
            )}
            {hint && <p>{hint}</p>}
            <p className="text-base text-ink-soft">
              {t('bench.nextTry.gap', { gap: lengths.thickness(gapMm), spread: lengths.thickness(gapSpreadMm) })}{' '}
              {worst &&
                layer &&
                worst.share >= SHARE_WORTH_MEASURING &&
                t('bench.nextTry.measure', {
                  name: layer.is === 'dies' ? layer.dies.map((die) => die.name).join(', ') : layerName(t, layer),
                  share: percent(worst.share),
                })}
            </p>
            <div className="flex flex-wrap justify-end gap-3">
              <Button className="min-h-16 px-6 text-xl" onClick={onWhy}>
                {t('bench.nextTry.why')}
              </Button>
              {again}
              {otherWay ?? (
                <ButtonLink to={jobPath(jobId, 'plan')} className="min-h-16 px-6 text-xl">
                  {t('bench.nextTry.plan')}
                </ButtonLink>
              )}
              {next && (
                <Button
                  look="next"
                  autoFocus
                  className="min-h-16 px-8 text-2xl"
                  onClick={() => onTry(next.stack, next.passes)}
                >
                  {t('bench.nextTry.doIt')}
                </Button>
              )}
            </div>
          </div>
        )
      }}
    </Loaded>
  )
}
