import type { ReactNode } from 'react'
import { boxClass, Field } from '../Field.js'

interface Choices<Value extends string> {
  readonly value: Value | ''
  readonly options: readonly { readonly value: Value; readonly text: string }[]
  /** Said where nothing is chosen; without it there is always a choice. */
  readonly blank?: string
  readonly onChange: (value: Value) => void
}

const Options = <Value extends string>({ options, blank }: Pick<Choices<Value>, 'options' | 'blank'>) => (
  <>
    {blank !== undefined && <option value="">{blank}</option>}
    {options.map(({ value, text }) => (
      <option key={value} value={value}>
        {text}
      </option>
    ))}
  </>
)

/** One of several, with its label above, and what is wrong with it. */
export const SelectBox = <Value extends string>({
  label,
  value,
  onChange,
  fault,
  className,
  ...choices
}: Choices<Value> & {
  readonly label: ReactNode
  readonly fault?: string | undefined
  readonly className?: string | undefined
}) => (
  <Field label={label} fault={fault} className={className}>
    {(ids) => (
      <select {...ids} className={boxClass} value={value} onChange={(event) => onChange(event.target.value as Value)}>
        <Options {...choices} />
      </select>
    )}
  </Field>
)

/** One of several beside what it is about, with a label for whoever cannot see that. */
export const InlineSelect = <Value extends string>({
  label,
  value,
  onChange,
  ...choices
}: Choices<Value> & { readonly label: string }) => (
  <select
    aria-label={label}
    className="min-h-11 rounded border border-ink/50 bg-field px-2"
    value={value}
    onChange={(event) => onChange(event.target.value as Value)}
  >
    <Options {...choices} />
  </select>
)

/** Rows as choices: by their ids, under their names. */
export const byName = (rows: readonly { readonly id: string; readonly name: string }[]) =>
  rows.map(({ id, name }) => ({ value: id, text: name }))
