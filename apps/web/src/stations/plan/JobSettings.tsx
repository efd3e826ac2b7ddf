import { factsOfDieClass, isCut, techniqueOf } from '@bold-heron/core'
import { inputOfJob, type JobRow, pressIdOf, type PressRun, runInHandOf, shownAs } from '@bold-heron/schema'
import { Scissors } from 'lucide-react'
import { Trans, useTranslation } from 'react-i18next'
import { jobPath } from '../../data/job-address.js'
import { useRow } from '../../data/rows.js'
import { RowPicker } from '../../drawing/pick/RowPicker.js'
import { ButtonLink } from '../../ui/Button.js'
import { Choice } from '../../ui/Choice.js'
import { WordChoice } from '../../ui/picker/WordChoice.js'
import { useLengths } from '../../text/lengths.js'
import { sayToSize } from '../../pressing/say-to-size.js'
import { useChangeJob } from './use-change-job.js'

const sheetCounts = Array.from({ length: 12 }, (_, at) => at + 1)

/** What the job is made of, as a sentence of which each word can be changed; a change is saved at once and everything answers. */
export const JobSettings = ({ job }: { readonly job: JobRow }) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const { change, changeRun } = useChangeJob(job)
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
    <>
      <p className="basis-full leading-9 sm:basis-auto sm:leading-8">
        <Trans
          i18nKey={techniqueOf(run.technique).bladeSide === undefined ? 'plan.settings.bladed' : 'plan.settings.plain'}
          components={{
            die: (
              <RowPicker
                kind="dies"
                look="word"
                label={t('plan.settings.dies')}
                value={firstDie ?? ''}
                pickedFor={{ throatMm }}
                among={({ dieClass }) => techniqueOf(run.technique).takes.includes(factsOfDieClass(dieClass).use)}
                onPick={(id) => changeCut({ dieIds: [id, ...otherDies] })}
              />
            ),
            beside: <>{run.dieNames.slice(1).map((name) => `, ${name}`)}</>,
            count: (
              <WordChoice
                label={t('plan.settings.count')}
                value={run.sheetCount}
                options={sheetCounts.map((count) => ({ value: count, text: t('plan.settings.times', { count }) }))}
                onChange={(sheetCount) => changeCut({ sheetCount })}
              />
            ),
            sheet: (
              <RowPicker
                kind="sheets"
                look="word"
                label={t('plan.settings.sheet')}
                value={run.sheetId}
                onPick={(sheetId) => changeCut({ sheetId })}
              />
            ),
            side: (
              <WordChoice
                label={t('plan.settings.blade')}
                value={run.bladeSide}
                options={(['down', 'up'] as const).map((side) => ({
                  value: side,
                  text: t(`plan.settings.blades.${side}`),
                }))}
                onChange={(bladeSide) => changeCut({ bladeSide })}
              />
            ),
            press: (
              <RowPicker
                kind="presses"
                look="word"
                label={t('plan.settings.press')}
                value={pressIdOf(job, run)}
                onPick={changePress}
              />
            ),
          }}
        />
      </p>
      {isCut(run) && !run.border && (
        <ButtonLink
          look="quiet"
          to={jobPath(job.id, 'leftover')}
          icon={<Scissors aria-hidden size={18} className="shrink-0" />}
          className="max-sm:min-w-0 max-sm:flex-1 max-sm:justify-start max-sm:px-1! max-sm:text-sm max-sm:whitespace-normal"
        >
          {run.cutToSize
            ? sayToSize(t, lengths, run.cutToSize)
            : run.cutFrom
              ? t('plan.settings.cutFrom', { count: run.cutFrom.poses.length })
              : t('plan.settings.leftover')}
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
    </>
  )
}
