import { type LayerJoin, layerJoins, layerLies } from '@bold-heron/core'
import type { BuildLayerInput } from '@bold-heron/schema'
import { useTranslation } from 'react-i18next'
import { useEveryRow } from '../../data/rows.js'
import { RowPicker } from '../../drawing/pick/RowPicker.js'
import { Choice } from '../../ui/Choice.js'
import { Field } from '../../ui/Field.js'
import { LengthInput, NumberInput } from '../../ui/form/LengthInput.js'
import { byName, SelectBox } from '../../ui/form/SelectBox.js'
import { TextBox } from '../../ui/form/TextBox.js'

interface OfLayer {
  readonly layer: BuildLayerInput
  readonly onChange: (change: Partial<BuildLayerInput>) => void
}

/** How a layer is joined to what is below, and how it lies there. */
const JoinFields = ({ layer, onChange }: OfLayer) => {
  const { t } = useTranslation()
  return (
    <div className="mt-2 flex flex-wrap items-end gap-3">
      <SelectBox<LayerJoin>
        label={t('cards.build.join')}
        className="min-w-36"
        value={layer.join}
        options={layerJoins.map((join) => ({ value: join, text: t(`words.layerJoin.${join}`) }))}
        onChange={(join) => onChange({ join, joinMm: null })}
      />
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
  )
}

/** A layer of a build: what it is cut from and by, how many of it, and how it is joined to what is below. */
export const LayerFields = ({
  layer,
  at,
  noSheet,
  onChange,
}: OfLayer & { readonly at: number; readonly noSheet: boolean }) => {
  const { t } = useTranslation()
  const jobs = useEveryRow('jobs').data ?? []
  return (
    <>
      <div className="flex flex-wrap items-end gap-3">
        <TextBox
          label={t('cards.build.name')}
          className="min-w-36 flex-1"
          value={layer.name}
          onChange={(name) => onChange({ name })}
        />
        <Field
          label={t('cards.build.sheet')}
          className="min-w-56 flex-1"
          fault={noSheet ? t('cards.build.sheetMissing') : undefined}
        >
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
        <SelectBox
          label={t('cards.build.job')}
          className="min-w-40 flex-1"
          value={layer.jobId ?? ''}
          blank={t('cards.build.noJob')}
          options={byName(jobs)}
          onChange={(id) => {
            const job = jobs.find((each) => each.id === id)
            onChange({
              jobId: job?.id ?? null,
              ...(job && layer.name === '' ? { name: job.name } : {}),
              ...(job && layer.sheetId === '' ? { sheetId: job.runs[0]?.sheetId ?? '' } : {}),
            })
          }}
        />
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
      {at > 0 && <JoinFields layer={layer} onChange={onChange} />}
    </>
  )
}
