import type { InputHTMLAttributes, ReactNode } from 'react'
import { boxClass, Field } from '../Field.js'

/** A line of text with its label, and what is wrong with it. */
export const TextBox = ({
  label,
  value,
  onChange,
  fault,
  className,
  ...rest
}: {
  readonly label: ReactNode
  readonly value: string
  readonly onChange: (value: string) => void
  readonly fault?: string | undefined
  readonly className?: string | undefined
} & Omit<InputHTMLAttributes<HTMLInputElement>, 'value' | 'onChange' | 'className'>) => (
  <Field label={label} fault={fault} className={className}>
    {(ids) => (
      <input
        maxLength={120}
        {...rest}
        {...ids}
        className={boxClass}
        value={value}
        onChange={(event) => onChange(event.target.value)}
      />
    )}
  </Field>
)
