import { parseLength, printSize, printThickness } from '@bold-heron/core'
import type { InputHTMLAttributes, ReactNode } from 'react'
import { useFormContext, useWatch } from 'react-hook-form'
import { useLengths } from '../../text/lengths.js'
import { boxClass, Field } from '../Field.js'

interface FieldProps {
  readonly name: string
  readonly label: ReactNode
  readonly hint?: ReactNode
  readonly className?: string
}

const useFault = (name: string): string | undefined => {
  const { formState } = useFormContext()
  const message = formState.errors[name]?.message
  return typeof message === 'string' ? message : undefined
}

export const TextField = ({
  name,
  label,
  hint,
  className,
  ...rest
}: FieldProps & Omit<InputHTMLAttributes<HTMLInputElement>, 'name' | 'className'>) => {
  const { register } = useFormContext()
  return (
    <Field label={label} hint={hint} fault={useFault(name)} className={className}>
      {(ids) => <input type="text" autoComplete="off" className={boxClass} {...ids} {...rest} {...register(name)} />}
    </Field>
  )
}

export const NoteField = ({ name, label, className }: FieldProps) => {
  const { register } = useFormContext()
  return (
    <Field label={label} fault={useFault(name)} className={className}>
      {(ids) => <textarea rows={2} className={boxClass} {...ids} {...register(name)} />}
    </Field>
  )
}

/** A length as it is typed, with what it is in the other unit beside it. */
export const LengthField = ({
  name,
  label,
  hint,
  className,
  measures,
}: FieldProps & { readonly measures: 'size' | 'thickness' }) => {
  const { register } = useFormContext()
  const { style } = useLengths()
  const typed = useWatch({ name }) as unknown
  const read = typeof typed === 'string' && typed !== '' ? parseLength(typed, style.unit) : undefined
  const print = measures === 'size' ? printSize : printThickness
  const both = read?.ok
    ? `= ${print(read.value.mm, { unit: 'mm', denominator: 16 })} = ${print(read.value.mm, { ...style, unit: 'in' })}`
    : undefined
  return (
    <Field
      label={label}
      hint={
        both ? (
          hint ? (
            <>
              {both}. {hint}
            </>
          ) : (
            both
          )
        ) : (
          hint
        )
      }
      fault={useFault(name)}
      className={className}
    >
      {(ids) => (
        <input type="text" inputMode="text" autoComplete="off" className={boxClass} {...ids} {...register(name)} />
      )}
    </Field>
  )
}

export const ChoiceField = ({
  name,
  label,
  hint,
  className,
  options,
  blank,
}: FieldProps & {
  readonly options: readonly { readonly value: string; readonly text: string }[]
  /** Shown while nothing is chosen; absent where there is always a choice. */
  readonly blank?: string
}) => {
  const { register } = useFormContext()
  return (
    <Field label={label} hint={hint} fault={useFault(name)} className={className}>
      {(ids) => (
        <select className={boxClass} {...ids} {...register(name)}>
          {blank !== undefined && <option value="">{blank}</option>}
          {options.map(({ value, text }) => (
            <option key={value} value={value}>
              {text}
            </option>
          ))}
        </select>
      )}
    </Field>
  )
}

export const FlagField = ({ name, label, hint }: FieldProps) => {
  const { register } = useFormContext()
  return (
    <div>
      <label className="flex min-h-11 items-center gap-3">
        <input type="checkbox" className="size-5 accent-accent" {...register(name)} />
        <span className="font-bold">{label}</span>
      </label>
      {hint && <p className="text-sm text-ink-soft">{hint}</p>}
    </div>
  )
}
