import { methods, seenOutcomes } from '@bold-heron/core'
import { useTranslation } from 'react-i18next'
import { sayMethod } from '../../text/say-method.js'
import { RowPicker } from '../../drawing/pick/RowPicker.js'
import { Button } from '../../ui/Button.js'
import { boxClass, Field } from '../../ui/form/fields.js'
import type { LogFilters } from './use-filters.js'

type Option = { readonly value: string; readonly text: string }

const Select = ({
  label,
  any,
  value,
  options,
  onPick,
}: {
  readonly label: string
  readonly any: string
  readonly value: string | undefined
  readonly options: readonly Option[]
  readonly onPick: (value: string) => void
}) => (
  <Field label={label} className="min-w-36 flex-1">
    {(ids) => (
      <select {...ids} className={boxClass} value={value ?? ''} onChange={(event) => onPick(event.target.value)}>
        <option value="">{any}</option>
        {options.map((option) => (
          <option key={option.value} value={option.value}>
            {option.text}
          </option>
        ))}
      </select>
    )}
  </Field>
)

/** What the log is narrowed by that stands on the shelf. */
const pickers = [
  { kind: 'presses', field: 'pressId', label: 'log.press', any: 'log.anyPress' },
  { kind: 'dies', field: 'dieId', label: 'log.die', any: 'log.anyDie' },
  { kind: 'sheets', field: 'sheetId', label: 'log.sheet', any: 'log.anySheet' },
] as const

/** Narrows the log by press, die, sheet, technique, outcome and time. */
export const Filters = ({ filters }: { readonly filters: LogFilters }) => {
  const { t } = useTranslation()
  const { values, set } = filters
  return (
    <form
      aria-label={t('log.filters')}
      className="mb-3 flex flex-wrap items-end gap-3"
      onSubmit={(event) => event.preventDefault()}
    >
      {pickers.map(({ kind, field, label, any }) => (
        <Field key={kind} label={t(label)} className="min-w-36 flex-1">
          {(ids) => (
            <RowPicker
              kind={kind}
              label={t(label)}
              ids={ids}
              look="line"
              any={t(any)}
              retired
              value={values[field] ?? ''}
              onPick={(id) => set({ [field]: id })}
            />
          )}
        </Field>
      ))}
      <Select
        label={t('log.technique')}
        any={t('log.anyTechnique')}
        value={values.technique && values.region && `${values.technique} ${values.region}`}
        options={methods.map(({ technique, region }) => ({
          value: `${technique} ${region}`,
          text: sayMethod(t, technique, region),
        }))}
        onPick={(value) => {
          const [technique = '', region = ''] = value.split(' ')
          set({ technique, region })
        }}
      />
      <Select
        label={t('log.outcome')}
        any={t('log.anyOutcome')}
        value={values.seen}
        options={seenOutcomes.map((seen) => ({ value: seen, text: t(`words.seen.${seen}`) }))}
        onPick={(value) => set({ seen: value })}
      />
      {(['since', 'until'] as const).map((name) => (
        <Field key={name} label={t(`log.${name}`)}>
          {(ids) => (
            <input
              {...ids}
              type="date"
              className={boxClass}
              value={values[name] ?? ''}
              onChange={(event) => set({ [name]: event.target.value })}
            />
          )}
        </Field>
      ))}
      {filters.narrowed && (
        <Button look="quiet" onClick={filters.clear}>
          {t('log.clear')}
        </Button>
      )}
    </form>
  )
}
