import { type Plan, referenceOf, totalPasses } from '@bold-heron/core'
import { jobOfRun, plainQuestion, type PlanQuestion, type RunRow } from '@bold-heron/schema'
import { Hammer, Plus } from 'lucide-react'
import { useState } from 'react'
import { Trans, useTranslation } from 'react-i18next'
import { Link, useNavigate } from 'react-router'
import { useAskedRun } from '../../data/asked-run.js'
import { jobPath, type JobStep } from '../../data/job-address.js'
import { useAskedPlan } from '../../data/plan.js'
import { useAddRow, useEveryRow } from '../../data/rows.js'
import { RowPicker } from '../../drawing/pick/RowPicker.js'
import { layerName } from '../../pressing/stack/layer-name.js'
import { sayDay } from '../../text/dates.js'
import { useLengths } from '../../text/lengths.js'
import { sayChance } from '../../text/say-cut.js'
import { Button } from '../../ui/Button.js'
import { Failure } from '../../ui/states.js'

/** The stack, its passes, how the handle feels and how sure it is: the whole answer, in small. */
const Answer = ({ plan }: { readonly plan: Plan }) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const { best } = plan
  if (!best) return <p className="font-bold text-danger">{t('jobs.ask.none')}</p>
  const passes = best.prediction?.recommended ?? best.passes.passes
  const pass = best.prediction?.passes[passes - 1]
  return (
    <div className="grid gap-x-10 gap-y-3 sm:grid-cols-[auto_minmax(0,28rem)]">
      <div className="flex flex-col gap-1">
        <p className="font-display text-2xl">{t('jobs.ask.passes', { count: passes })}</p>
        {pass && (
          <>
            <p>{t('jobs.ask.feels', { feel: t(`words.predictedFeel.${pass.feel}`) })}</p>
            <p>{t('jobs.ask.chance', { chance: sayChance(t, pass.chance) })}</p>
          </>
        )}
      </div>
      <ol>
        {[...best.ledger.lines].reverse().map(({ layer, thickness }, at) => (
          <li key={at} className="flex justify-between gap-4 border-b border-line py-0.5 last:border-b-0">
            <span className={layer.is === 'plate' ? '' : 'font-bold'}>{layerName(t, layer)}</span>
            <span className="text-ink-soft tabular-nums">{lengths.thickness(thickness.valueMm)}</span>
          </li>
        ))}
      </ol>
    </div>
  )
}

/** How the die was pressed last, and the way to all of it. */
const LastTime = ({ run }: { readonly run: RunRow }) => {
  const { t } = useTranslation()
  const look = run.rounds.at(-1)
  return (
    <p className="text-ink-soft">
      {t('jobs.ask.last')}{' '}
      <Link to={`/log/${run.id}`}>
        {t('jobs.ask.lastOf', {
          sheet: t('jobs.sheetsOf', { count: run.sheetCount, sheet: run.sheetName }),
          press: run.pressName,
        })}
      </Link>
      , {t('jobs.ask.lastPasses', { count: totalPasses(run.rounds) })}
      {look && `, ${t(`words.seen.${look.seen}`)}`}, {sayDay(run.at)}
    </p>
  )
}

/** The commonest question, without a job: which stack cuts this die from this sheet on this press. */
export const AskStack = () => {
  const { t } = useTranslation()
  const navigate = useNavigate()
  const add = useAddRow('jobs')
  const presses = useEveryRow('presses').data ?? []
  const { dieId, pickDie, sheetId, pickSheet, die, last, run } = useAskedRun()
  const [pickedPressId, pickPress] = useState('')
  const pressId = pickedPressId || (last?.pressId ?? (presses.length === 1 ? presses[0]?.id : undefined) ?? '')
  const question: PlanQuestion | undefined = run && pressId ? { ...plainQuestion, ...run, pressId } : undefined
  const { plan, failed, request, progress } = useAskedPlan(question)
  const make = async (step: JobStep) => {
    if (!run || !die) return
    const job = jobOfRun({ name: die.name, pressId }, { ...run, layers: referenceOf(plan?.best?.stack ?? []) })
    const made = await add.mutateAsync(job).catch(() => undefined)
    if (made) await navigate(jobPath(made.id, step))
  }
  return (
    <section aria-label={t('jobs.ask.title')} className="mb-4 rounded-lg border border-line bg-leaf px-4 py-3">
      <p className="text-lg leading-9">
        <Trans
          i18nKey="jobs.ask.sentence"
          components={{
            die: (
              <RowPicker
                kind="dies"
                look="word"
                label={t('jobs.ask.die')}
                blank={t('jobs.ask.whichDie')}
                value={dieId}
                onPick={pickDie}
              />
            ),
            sheet: (
              <RowPicker
                kind="sheets"
                look="word"
                label={t('jobs.ask.sheet')}
                blank={t('jobs.ask.whichSheet')}
                value={sheetId}
                onPick={pickSheet}
              />
            ),
            press: (
              <RowPicker
                kind="presses"
                look="word"
                label={t('jobs.ask.press')}
                blank={t('jobs.ask.whichPress')}
                value={pressId}
                onPick={pickPress}
              />
            ),
          }}
        />
      </p>
      {last && <LastTime run={last} />}
      {question && (
        <div className="mt-2 flex flex-col gap-3 border-t border-line pt-3" aria-live="polite">
          {plan && <Answer plan={plan} />}
          {(failed ?? request.error) && <Failure error={failed ?? request.error} onRetry={progress.start} />}
          {add.error && <Failure error={add.error} />}
          {plan && (
            <div className="flex flex-wrap gap-2">
              {plan.best && (
                <Button
                  look="next"
                  icon={<Hammer aria-hidden size={18} />}
                  disabled={add.isPending}
                  onClick={() => void make('bench')}
                >
                  {t('jobs.ask.lay')}
                </Button>
              )}
              <Button icon={<Plus aria-hidden size={18} />} disabled={add.isPending} onClick={() => void make('plan')}>
                {t('jobs.ask.make')}
              </Button>
            </div>
          )}
        </div>
      )}
    </section>
  )
}
