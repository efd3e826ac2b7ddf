import { type EveningInput, eveningInput } from '@bold-heron/schema'
import { useTranslation } from 'react-i18next'
import { TextBox } from '../../../ui/form/TextBox.js'
import { useDraft } from '../../../ui/record/draft.js'
import { FormPart, RecordForm } from '../../../ui/record/RecordForm.js'
import { JobChoices } from './JobChoices.js'
import { PeopleFields } from './PeopleFields.js'
import { PressesFields } from './PressesFields.js'

/** A moment as a field for date and time has it, in the time of the place. */
const asLocal = (iso: string | null): string => {
  if (iso === null) return ''
  const at = new Date(iso)
  return new Date(at.getTime() - at.getTimezoneOffset() * 60_000).toISOString().slice(0, 16)
}

/** What is to be cut, on which presses, by whom. */
export const EveningForm = ({
  start,
  onSave,
  error,
}: {
  readonly start: EveningInput
  readonly onSave: (input: EveningInput) => void
  readonly error: unknown
}) => {
  const { t } = useTranslation()
  const draft = useDraft<EveningInput>(eveningInput, start)
  const { value, change, isWrong } = draft
  return (
    <RecordForm draft={draft} onSave={onSave} error={error}>
      <div className="flex flex-wrap gap-3">
        <TextBox
          label={t('wall.form.name')}
          className="min-w-48 flex-1"
          fault={isWrong('name') ? t('wall.form.nameMissing') : undefined}
          value={value.name}
          onChange={(name) => change({ name })}
        />
        <TextBox
          label={t('wall.evening.begins')}
          type="datetime-local"
          value={asLocal(value.beginsAt)}
          onChange={(at) => change({ beginsAt: at ? new Date(at).toISOString() : null })}
        />
      </div>
      <FormPart legend={t('wall.evening.jobs')} fault={isWrong('jobs') ? t('wall.evening.jobsMissing') : undefined}>
        <JobChoices
          chosen={value.jobs}
          pressId={value.presses[0]?.pressId ?? ''}
          onChange={(jobs) => change({ jobs })}
        />
      </FormPart>
      <PressesFields draft={draft} />
      <PeopleFields draft={draft} />
    </RecordForm>
  )
}
