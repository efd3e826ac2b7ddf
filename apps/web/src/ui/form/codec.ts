import { type LengthStyle, parseCardWeight, parseLength, printExact, type TypedCardWeight } from '@bold-heron/core'
import type { FieldFault } from '../../text/say-fault.js'

/** What a field of a form holds: text as typed, a tick, or a structure with an editor of its own. */
export type Raw = unknown

export type Read<Value> =
  { readonly ok: true; readonly value: Value } | { readonly ok: false; readonly fault: FieldFault }

/** How one field goes from its stored value to what is typed, and back. */
export interface Codec<Value> {
  write(value: Value, style: LengthStyle): Raw
  read(raw: Raw, style: LengthStyle): Read<Value>
  readonly measures?: 'size' | 'thickness'
}

const ok = <Value>(value: Value): Read<Value> => ({ ok: true, value })
const faulty = (fault: FieldFault): Read<never> => ({ ok: false, fault })
const textOf = (raw: Raw): string => (typeof raw === 'string' ? raw : '')

export const text: Codec<string> = { write: (value) => value, read: (raw) => ok(textOf(raw).trim()) }

export const flag: Codec<boolean> = { write: (value) => value, read: (raw) => ok(raw === true) }

export const choice = <Value extends string>(): Codec<Value> => ({
  write: (value) => value,
  read: (raw) => (textOf(raw) === '' ? faulty({ code: 'choice-empty' }) : ok(textOf(raw) as Value)),
})

/** One of a list, or none of them. */
export const optionalChoice = <Value extends string>(): Codec<Value | null> => ({
  write: (value) => value ?? '',
  read: (raw) => ok(textOf(raw) === '' ? null : (textOf(raw) as Value)),
})

/** A structure edited elsewhere, such as a press's known-good stacks. */
export const asItIs = <Value>(): Codec<Value> => ({ write: (value) => value, read: (raw) => ok(raw as Value) })

export const whole: Codec<number> = {
  write: (value) => String(value),
  read: (raw) => {
    const typed = textOf(raw).trim()
    if (typed === '') return faulty({ code: 'number-empty' })
    return /^[-−]?\d{1,9}$/.test(typed) ? ok(Number(typed.replace('−', '-'))) : faulty({ code: 'number-not-read' })
  },
}

/** A number that may be left empty, for "as usual"; within limits where they are given, else as the schema judges it. */
export const optionalNumber = ({ least, most } = { least: -Infinity, most: Infinity }): Codec<number | null> => ({
  write: (value) => (value === null ? '' : String(value)),
  read: (raw) => {
    const typed = textOf(raw).trim().replace('−', '-')
    if (typed === '') return ok(null)
    // One comma and no point: a decimal comma.
    const value = /^-?\d+(,\d+)?$/.test(typed) ? Number(typed.replace(',', '.')) : Number(typed)
    if (!Number.isFinite(value)) return faulty({ code: 'decimal-not-read' })
    if (value < least) return faulty({ code: 'too-small', limit: least })
    return value > most ? faulty({ code: 'too-large', limit: most }) : ok(value)
  },
})

/** A length that may be left empty, for "as usual"; within limits, mm. */
export const optionalLength = (
  measures: 'size' | 'thickness',
  { least, most } = { least: -Infinity, most: Infinity },
): Codec<number | null> => ({
  measures,
  write: (mm, style) => (mm === null ? '' : length(measures).write(mm, style)),
  read: (raw, style) => {
    if (textOf(raw).trim() === '') return ok(null)
    const read = length(measures).read(raw, style)
    if (!read.ok) return read
    if (read.value < least) return faulty({ code: 'too-small', limit: least, measures })
    return read.value > most ? faulty({ code: 'too-large', limit: most, measures }) : read
  },
})

/** A length in mm; typed in any unit, written so that saving without a change changes nothing. */
export const length = (measures: 'size' | 'thickness'): Codec<number> => ({
  measures,
  write: (mm, style) => printExact(mm, style.unit),
  read: (raw, style) => {
    const read = parseLength(textOf(raw), style.unit)
    return read.ok ? ok(read.value.mm) : faulty({ code: read.fault.code, limit: read.fault.limit, measures })
  },
})

/** A card weight as typed; empty where the sheet is not sold by weight. */
export const cardWeight: Codec<{ typed: string; weight: TypedCardWeight | undefined }> = {
  write: ({ typed }) => typed,
  read: (raw) => {
    const typed = textOf(raw).trim()
    if (typed === '') return ok({ typed, weight: undefined })
    const read = parseCardWeight(typed)
    return read.ok ? ok({ typed, weight: read.value }) : faulty({ code: read.fault.code, limit: read.fault.limit })
  },
}
