import { inputOfJob, type JobRow, pressIdOf, type PressRun, runInHandOf } from '@bold-heron/schema'
import { Minus, Plus } from 'lucide-react'
import { useTranslation } from 'react-i18next'
import { useRows } from '../../data/rows.js'
import { IconButton } from '../../ui/Button.js'
import { Choice } from '../../ui/Choice.js'
import { useChangeJob } from './use-change-job.js'

const MOST_SHEETS = 12
const small = 'min-h-9 max-w-44 rounded-md border border-ink/50 bg-white px-2 py-1'

const Picker = ({
  label,
  value,
  rows,
  onPick,
}: {
  readonly label: string
  readonly value: string
  readonly rows: readonly { readonly id: string; readonly name: string }[]
  readonly onPick: (id: string) => void
}) => (
  <label className="flex items-center gap-1.5">
    <span className="sr-only">{label}</span>
    <select className={small} value={value} onChange={(event) => onPick(event.target.value)}>
      {rows.map((row) => (
        <option key={row.id} value={row.id}>
          {row.name}
        </option>
      ))}
    </select>
  </label>
)

/** What the job is made of; a change is saved at once and everything answers. */
export const JobSettings = ({ job }: { readonly job: JobRow }) => {
  const { t } = useTranslation()
  const { change, changeRun, isPending } = useChangeJob(job)
  const run = runInHandOf(job)
  const presses = useRows('presses').data?.items ?? []
  const dies = useRows('dies').data?.items ?? []
  const sheets = useRows('sheets').data?.items ?? []
  const [firstDie, ...otherDies] = run.dieIds
  // Another die, sheet or count wants another stack, so one kept before is dropped; another press does for all runs.
  const changeCut = (changed: Partial<PressRun>) => changeRun({ ...changed, layers: [] })
  const changePress = (pressId: string) => {
    const { runs } = inputOfJob(job)
    change({ pressId, runs: runs.map((each) => ({ ...each, pressId: null, layers: [] })) })
  }
  return (
    <div className="flex flex-wrap items-center gap-x-3 gap-y-2 print:hidden">
      <Picker label={t('plan.settings.press')} value={pressIdOf(job, run)} rows={presses} onPick={changePress} />
      <Picker
        label={t('plan.settings.dies')}
        value={firstDie ?? ''}
        rows={dies}
        onPick={(id) => changeCut({ dieIds: [id, ...otherDies] })}
      />
      <Picker
        label={t('plan.settings.sheet')}
        value={run.sheetId}
        rows={sheets}
        onPick={(sheetId) => changeCut({ sheetId })}
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
    </div>
  )
}
