import { type TechniqueId, techniqueIds } from '@bold-heron/core'
import { type ChartInput, chartInput } from '@bold-heron/schema'
import { useTranslation } from 'react-i18next'
import { useEveryRow } from '../../../data/rows.js'
import { Choice } from '../../../ui/Choice.js'
import { byName, SelectBox } from '../../../ui/form/SelectBox.js'
import { TextBox } from '../../../ui/form/TextBox.js'
import { useDraft } from '../../../ui/record/draft.js'
import { RecordForm } from '../../../ui/record/RecordForm.js'
import { ColumnsField } from './ColumnsField.js'
import { RowsField } from './RowsField.js'

/** What a chart shows: its press and leaf, its rows and its columns. */
export const ChartForm = ({
  start,
  onSave,
  error,
}: {
  readonly start: ChartInput
  readonly onSave: (input: ChartInput) => void
  readonly error: unknown
}) => {
  const { t } = useTranslation()
  const presses = useEveryRow('presses').data ?? []
  const draft = useDraft<ChartInput>(chartInput, start)
  const { value, change, isWrong } = draft
  return (
    <RecordForm draft={draft} onSave={onSave} error={error}>
      <TextBox
        label={t('wall.form.name')}
        fault={isWrong('name') ? t('wall.form.nameMissing') : undefined}
        value={value.name}
        onChange={(name) => change({ name })}
      />
      <SelectBox
        label={t('wall.form.press')}
        fault={isWrong('pressId') ? t('wall.form.pressMissing') : undefined}
        value={value.pressId}
        blank={t('common.pick')}
        options={byName(presses)}
        onChange={(pressId) => change({ pressId })}
      />
      <div>
        <p className="font-bold">{t('wall.form.leaf')}</p>
        <Choice<TechniqueId>
          label={t('wall.form.leaf')}
          value={value.technique}
          options={techniqueIds.map((technique) => ({ value: technique, text: t(`words.technique.${technique}`) }))}
          onChange={(technique) =>
            change({ technique, ...(value.rows.by === 'dies' ? { rows: { by: 'dies', dieIds: [] } } : {}) })
          }
        />
      </div>
      <RowsField draft={draft} />
      <ColumnsField draft={draft} />
    </RecordForm>
  )
}
