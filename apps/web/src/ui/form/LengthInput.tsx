import { parseLength } from '@bold-heron/core'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { useLengths } from '../../text/lengths.js'
import { sayFault } from '../../text/say-fault.js'
import { boxClass, Field } from '../Field.js'
import { NumberBox } from './NumberBox.js'

/** A length that may be negative: what lies left of the card or above it. */
const read = (typed: string, unit: 'mm' | 'in') => {
  const negative = /^\s*[-−]/.test(typed)
  const parsed = parseLength(typed.replace(/^\s*[-−]/, ''), unit)
  return parsed.ok ? { ok: true as const, mm: negative ? -parsed.value.mm : parsed.value.mm } : parsed
}

/** A length beside the drawing: taken on Enter or on leaving, in either unit; a wrong one stays as typed and says why. */
export const LengthInput = ({
  label,
  mm,
  leastMm,
  shown,
  onChange,
}: {
  readonly label: string
  readonly mm: number
  readonly leastMm?: number
  /** How it is written; as a place on the table unless told otherwise. */
  readonly shown?: (mm: number) => string
  readonly onChange: (mm: number) => void
}) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const [typed, setTyped] = useState<string>()
  const [fault, setFault] = useState<string>()
  const take = () => {
    if (typed === undefined) return
    const got = read(typed, lengths.style.unit)
    if (!got.ok) return setFault(sayFault(t, lengths, { code: got.fault.code, measures: 'size' }))
    if (leastMm !== undefined && got.mm < leastMm)
      return setFault(sayFault(t, lengths, { code: 'too-small', limit: leastMm, measures: 'size' }))
    setFault(undefined)
    setTyped(undefined)
    if (Math.abs(got.mm - mm) > 1e-9) onChange(got.mm)
  }
  return (
    <Field label={<span className="text-sm font-normal">{label}</span>} fault={fault} className="min-w-24 flex-1 gap-0">
      {(ids) => (
        <input
          {...ids}
          type="text"
          autoComplete="off"
          className={`${boxClass} min-h-9 px-2 py-1`}
          value={typed ?? (shown ?? lengths.place)(mm)}
          onChange={(event) => setTyped(event.target.value)}
          onBlur={take}
          onKeyDown={(event) => {
            if (event.key !== 'Enter') return
            // What was typed is taken, and no form around it sent off with what stood there before.
            if (typed !== undefined) event.preventDefault()
            take()
          }}
        />
      )}
    </Field>
  )
}

/** An angle or a count beside the drawing. */
export const NumberInput = ({
  label,
  ...number
}: {
  readonly label: string
  readonly value: number
  readonly step: number
  readonly least: number
  readonly most: number
  readonly onChange: (value: number) => void
}) => (
  <Field label={<span className="text-sm font-normal">{label}</span>} className="min-w-20 flex-1 gap-0">
    {(ids) => <NumberBox {...ids} {...number} className={`${boxClass} min-h-9 px-2 py-1`} />}
  </Field>
)
