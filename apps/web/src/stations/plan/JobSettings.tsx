import { factsOfDieClass, isCut, techniqueOf } from '@bold-heron/core'
import { inputOfJob, type JobRow, pressIdOf, type PressRun, runInHandOf, shownAs } from '@bold-heron/schema'
import { Minus, Plus, Scissors } from 'lucide-react'
import { useTranslation } from 'react-i18next'
import { useRow } from '../../data/rows.js'
import { RowPicker } from '../../drawing/pick/RowPicker.js'
import { ButtonLink, IconButton } from '../../ui/Button.js'
import { sayPressed } from '../../text/say-pressed.js'
import { Choice } from '../../ui/Choice.js'
import { useNarrow } from '../../ui/use-narrow.js'
import { useChangeJob } from './use-change-job.js'

const MOST_SHEETS = 12

const Settings = ({ job }: { readonly job: JobRow }) => {
  const { t } = useTranslation()
  const { change, changeRun, isPending } = useChangeJob(job)
  const run = runInHandOf(job)
  const throatMm = useRow('presses', pressIdOf(job, run)).data?.throatMm
  const [firstDie, ...otherDies] = run.dieIds
  // Another die, sheet or count wants another stack, so one kept before is dropped; another press does for all runs.
  const changeCut = (changed: Partial<PressRun>) => changeRun({ ...changed, layers: [] })
  const changePress = (pressId: string) => {
    const { runs } = inputOfJob(job)
    change({ pressId, runs: runs.map((each) => ({ ...each, pressId: null, layers: [] })) })
  }
  return (
    <div className="flex flex-wrap items-center gap-x-3 gap-y-2 print:hidden">
      <RowPicker
        kind="dies"
        compact
        label={t('plan.settings.dies')}
        value={firstDie ?? ''}
        pickedFor={{ throatMm }}
        among={({ dieClass }) => techniqueOf(run.technique).takes.includes(factsOfDieClass(dieClass).use)}
        onPick={(id) => changeCut({ dieIds: [id, ...otherDies] })}
      />
      <RowPicker
        kind="sheets"
        compact
        label={t('plan.settings.sheet')}
        value={run.sheetId}
        onPick={(sheetId) => changeCut({ sheetId })}
      />
      <RowPicker
        kind="presses"
        compact
        label={t('plan.settings.press')}
        value={pressIdOf(job, run)}
        onPick={changePress}
      />
      <div role="group" aria-label={t('plan.settings.count')} className="flex items-center gap-1">
        <span className="text-ink-soft">{t('plan.settings.countShort')}</span>
        <IconButton
          label={t('plan.settings.fewer')}
          disabled={run.sheetCount <= 1 || isPending}
          onClick={() => changeCut({ sheetCount: run.sheetCount - 1 })}
        >
          <Minus aria-hidden size={18} />
        </IconButton>
        <output className="min-w-5 text-center font-bold">{run.sheetCount}</output>
        <IconButton
          label={t('plan.settings.more')}
          disabled={run.sheetCount >= MOST_SHEETS || isPending}
          onClick={() => changeCut({ sheetCount: run.sheetCount + 1 })}
        >
          <Plus aria-hidden size={18} />
        </IconButton>
      </div>
      {techniqueOf(run.technique).bladeSide === undefined && (
        <div className="flex items-center gap-2">
          <span className="text-ink-soft">{t('plan.settings.blade')}</span>
          <Choice
            label={t('plan.settings.blade')}
            value={run.bladeSide}
            onChange={(bladeSide) => changeCut({ bladeSide })}
            options={(['down', 'up'] as const).map((side) => ({
              value: side,
              text: t(`plan.settings.blades.${side}`),
              spoken: t(`plan.settings.bladesSpoken.${side}`),
            }))}
          />
        </div>
      )}
      {isCut(run) && !run.border && (
        <ButtonLink look="quiet" to={`/jobs/${job.id}/leftover`} icon={<Scissors aria-hidden size={18} />}>
          {run.cutFrom ? t('plan.settings.cutFrom', { count: run.cutFrom.poses.length }) : t('plan.settings.leftover')}
        </ButtonLink>
      )}
      {techniqueOf(run.technique).eitherWay && (
        <div className="flex items-center gap-2">
          <span className="text-ink-soft">{t('plan.settings.shows')}</span>
          <Choice
            label={t('plan.settings.shows')}
            value={run.shows}
            onChange={(shows) => changeRun(shownAs(run, shows))}
            options={(['raised', 'sunk'] as const).map((shows) => ({ value: shows, text: t(`words.shows.${shows}`) }))}
          />
        </div>
      )}
    </div>
  )
}

/** What the job is made of; a change is saved at once and everything answers. On a phone it is folded into a line. */
export const JobSettings = ({ job }: { readonly job: JobRow }) => {
  const { t } = useTranslation()
  if (!useNarrow()) return <Settings job={job} />
  return (
    <details className="w-full rounded-md border border-line bg-leaf print:hidden">
      <summary className="min-h-11 cursor-pointer px-3 py-2">{sayPressed(t, runInHandOf(job))}</summary>
      <div className="px-3 pb-3">
        <Settings job={job} />
      </div>
    </details>
  )
}
