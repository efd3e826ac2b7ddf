import {
  askedOfLog,
  type LogWords,
  methods,
  type RegionId,
  type Seen,
  seenOutcomes,
  type TechniqueId,
} from '@bold-heron/core'
import { X } from 'lucide-react'
import { useMemo, useState } from 'react'
import { useTranslation } from 'react-i18next'
import { useRow } from '../../data/rows.js'
import { sayMethod } from '../../text/say-method.js'
import { RowPicker } from '../../drawing/pick/RowPicker.js'
import { Button } from '../../ui/Button.js'
import { classes } from '../../ui/classes.js'
import { boxClass, Field } from '../../ui/Field.js'
import type { FilterValues } from './filters-in-address.js'
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

/** What the log is narrowed by, a word for each, to be taken away again. */
const Chips = ({ filters }: { readonly filters: LogFilters }) => {
  const { t } = useTranslation()
  const { values, set } = filters
  const press = useRow('presses', values.pressId).data?.name
  const die = useRow('dies', values.dieId).data?.name
  const sheet = useRow('sheets', values.sheetId).data?.name
  const chips: readonly (readonly [text: string | undefined, gone: FilterValues])[] = [
    [values.q && `“${values.q}”`, { q: '' }],
    [press, { pressId: '' }],
    [die, { dieId: '' }],
    [sheet, { sheetId: '' }],
    [
      values.technique &&
        sayMethod(t, values.technique as TechniqueId, (values.region as RegionId | undefined) ?? 'all'),
      { technique: '', region: '' },
    ],
    [values.seen && t(`words.seen.${values.seen as Seen}`), { seen: '' }],
    [values.since && t('log.sinceChip', { day: values.since }), { since: '' }],
    [values.until && t('log.untilChip', { day: values.until }), { until: '' }],
  ]
  return (
    <ul className="flex flex-wrap gap-2">
      {chips.map(
        ([text, gone]) =>
          text && (
            <li key={text}>
              <button
                type="button"
                aria-label={t('log.without', { filter: text })}
                className="inline-flex min-h-9 items-center gap-1.5 rounded-full border border-line bg-sunk px-3 hover:bg-leaf"
                onClick={() => set(gone)}
              >
                {text} <X aria-hidden size={14} />
              </button>
            </li>
          ),
      )}
    </ul>
  )
}

/** The words that a question of the log may hold, as this page says them. */
const useLogWords = (): LogWords => {
  const { t, i18n } = useTranslation()
  return useMemo(() => {
    const name = new Intl.DateTimeFormat(i18n.language, { month: 'long', timeZone: 'UTC' })
    return {
      seen: new Map(seenOutcomes.map((seen) => [t(`words.seen.${seen}`).toLowerCase(), seen])),
      months: Array.from({ length: 12 }, (_, at) => name.format(new Date(Date.UTC(2000, at, 15))).toLowerCase()),
    }
  }, [t, i18n.language])
}

/** One field that understands: a die, a press, a sheet, how it came out, a month. */
const Ask = ({
  filters: { set },
  typed,
  onType,
}: {
  readonly filters: LogFilters
  readonly typed: string
  readonly onType: (typed: string) => void
}) => {
  const { t } = useTranslation()
  const words = useLogWords()
  const ask = (text: string) => {
    onType(text)
    const now = new Date()
    const { q, seen, since, until } = askedOfLog(text, words, { year: now.getFullYear(), month: now.getMonth() + 1 })
    set({ q, seen: seen ?? '', since: since ?? '', until: until ?? '' })
  }
  return (
    <input
      type="search"
      aria-label={t('log.ask')}
      placeholder={t('log.ask')}
      value={typed}
      maxLength={120}
      onChange={(event) => ask(event.target.value)}
      className={classes(boxClass, 'max-w-96')}
    />
  )
}

/** Narrows the log: by a question, or field by field. */
export const Filters = ({ filters }: { readonly filters: LogFilters }) => {
  const { t } = useTranslation()
  const { values, set } = filters
  const [typed, setTyped] = useState(values.q ?? '')
  return (
    <form aria-label={t('log.filters')} className="mb-3 space-y-2" onSubmit={(event) => event.preventDefault()}>
      <div className="flex flex-wrap items-center gap-2">
        <Ask filters={filters} typed={typed} onType={setTyped} />
        <Chips filters={filters} />
        {filters.narrowed && (
          <Button
            look="quiet"
            onClick={() => {
              setTyped('')
              filters.clear()
            }}
          >
            {t('log.clear')}
          </Button>
        )}
      </div>
      <details>
        <summary className="inline-flex min-h-11 items-center text-ink-soft">{t('log.moreFilters')}</summary>
        <div className="flex flex-wrap items-end gap-3">
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
        </div>
      </details>
    </form>
  )
}
