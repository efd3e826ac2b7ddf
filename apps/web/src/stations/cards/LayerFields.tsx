import { type LayerJoin, layerJoins, layerLies } from '@bold-heron/core'
import type { BuildLayerInput } from '@bold-heron/schema'
import { ArrowDown, ArrowUp, X } from 'lucide-react'
import { useTranslation } from 'react-i18next'
import { useEveryRow } from '../../data/rows.js'
import { RowPicker } from '../../drawing/pick/RowPicker.js'
import { IconButton } from '../../ui/Button.js'
import { Choice } from '../../ui/Choice.js'
import { boxClass, Field } from '../../ui/Field.js'
import { LengthInput, NumberInput } from '../../ui/form/LengthInput.js'

/** A layer of a build: what it is cut from and by, how many of it, and how it is joined to what is below. */
export const LayerFields = ({
  layer,
  at,
  isLast,
  onChange,
  onMove,
  onTake,
}: {
  readonly layer: BuildLayerInput
  readonly at: number
  readonly isLast: boolean
  readonly onChange: (change: Partial<BuildLayerInput>) => void
  readonly onMove: (by: 1 | -1) => void
  readonly onTake: () => void
}) => {
  const { t } = useTranslation()
  const jobs = useEveryRow('jobs').data ?? []
  const called = t('cards.build.layer', { count: at + 1 })
  return (
    <fieldset className="rounded-md border border-line p-3">
      <legend className="px-1 font-bold">{called}</legend>
      <div className="flex flex-wrap items-end gap-3">
        <Field label={t('cards.build.name')} className="min-w-36 flex-1">
          {(ids) => (
            <input
              {...ids}
              className={boxClass}
              value={layer.name}
              maxLength={120}
              onChange={(event) => onChange({ name: event.target.value })}
            />
          )}
        </Field>
        <Field label={t('cards.build.sheet')} className="min-w-56 flex-1">
          {(ids) => (
            <RowPicker
              kind="sheets"
              label={t('cards.build.sheet')}
              ids={ids}
              value={layer.sheetId}
              onPick={(sheetId) => onChange({ sheetId })}
            />
          )}
        </Field>
        <Field label={t('cards.build.job')} className="min-w-40 flex-1">
          {(ids) => (
            <select
              {...ids}
              className={boxClass}
              value={layer.jobId ?? ''}
              onChange={(event) => {
                const job = jobs.find(({ id }) => id === event.target.value)
                onChange({
                  jobId: job?.id ?? null,
                  ...(job && layer.name === '' ? { name: job.name } : {}),
                  ...(job && layer.sheetId === '' ? { sheetId: job.runs[0]?.sheetId ?? '' } : {}),
                })
              }}
            >
              <option value="">{t('cards.build.noJob')}</option>
              {jobs.map((job) => (
                <option key={job.id} value={job.id}>
                  {job.name}
                </option>
              ))}
            </select>
          )}
        </Field>
        <NumberInput
          label={t('cards.build.each')}
          value={layer.each}
          step={1}
          least={1}
          most={100}
          onChange={(each) => onChange({ each: Math.round(each) })}
        />
        <NumberInput
          label={t('cards.build.sheets')}
          value={layer.sheets}
          step={1}
          least={1}
          most={12}
          onChange={(sheets) => onChange({ sheets: Math.round(sheets) })}
        />
      </div>
      {at > 0 && (
        <div className="mt-2 flex flex-wrap items-end gap-3">
          <Field label={t('cards.build.join')} className="min-w-36">
            {(ids) => (
              <select
                {...ids}
                className={boxClass}
                value={layer.join}
                onChange={(event) => onChange({ join: event.target.value as LayerJoin, joinMm: null })}
              >
                {layerJoins.map((join) => (
                  <option key={join} value={join}>
                    {t(`words.layerJoin.${join}`)}
                  </option>
                ))}
              </select>
            )}
          </Field>
          {layer.join === 'foam-pad' && (
            <LengthInput
              label={t('cards.build.padHeight')}
              mm={layer.joinMm ?? 1.5}
              leastMm={0.1}
              onChange={(joinMm) => onChange({ joinMm })}
            />
          )}
          <Choice
            label={t('cards.build.lies')}
            value={layer.lies}
            options={layerLies.map((lies) => ({ value: lies, text: t(`cards.build.liesHow.${lies}`) }))}
            onChange={(lies) => onChange({ lies })}
          />
        </div>
      )}
      <div className="mt-2 flex gap-1">
        <IconButton label={t('cards.build.down', { name: called })} disabled={at === 0} onClick={() => onMove(-1)}>
          <ArrowDown aria-hidden size={18} />
        </IconButton>
        <IconButton label={t('cards.build.up', { name: called })} disabled={isLast} onClick={() => onMove(1)}>
          <ArrowUp aria-hidden size={18} />
        </IconButton>
        <IconButton label={t('cards.build.take', { name: called })} disabled={at === 0 && isLast} onClick={onTake}>
          <X aria-hidden size={18} />
        </IconButton>
      </div>
    </fieldset>
  )
}
