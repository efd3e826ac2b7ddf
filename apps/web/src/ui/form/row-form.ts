import type { LengthStyle } from '@bold-heron/core'
import type { TFunction } from 'i18next'
import { useMemo } from 'react'
import { type FieldErrors, type Resolver, useForm } from 'react-hook-form'
import { useTranslation } from 'react-i18next'
import type { z } from 'zod'
import { type Lengths, useLengths } from '../../text/lengths.js'
import { type FieldFault, sayFault } from '../../text/say-fault.js'
import type { Codec, Raw } from './codec.js'

export type Codecs<Fields> = { readonly [Name in keyof Fields]: Codec<Fields[Name]> }
export type Raws = Record<string, Raw>

/** How a form's fields are read, put together, and judged by the schema that the server uses too. */
interface FormSpec<Input, Fields> {
  readonly codecs: Codecs<Fields>
  readonly schema: z.ZodType<Input>
  /** Puts fields together where they are not the input as they stand. */
  readonly toInput?: (fields: Fields) => unknown
  readonly fromInput?: (input: Input) => Fields
  /** Fields of the input that are shown under another field of the form. */
  readonly shownAt?: (path: readonly PropertyKey[]) => string
}

const writeFields = <Input, Fields>(spec: FormSpec<Input, Fields>, input: Input, style: LengthStyle): Raws => {
  const fields = spec.fromInput ? spec.fromInput(input) : (input as unknown as Fields)
  return Object.fromEntries(
    (Object.keys(spec.codecs) as (keyof Fields & string)[]).map((name) => [
      name,
      spec.codecs[name].write(fields[name], style),
    ]),
  )
}

/** Refinements of the shared schemas, by the field they are told at. */
const refinements: Readonly<Record<string, FieldFault['code']>> = {
  bladeHeightMm: 'blade-taller-than-die',
  fullThicknessWidthMm: 'edge-wider-than-plate',
}

const faultOfIssue = (issue: z.core.$ZodIssue, measures: FieldFault['measures']): FieldFault => {
  switch (issue.code) {
    case 'too_small':
      if (issue.origin === 'string') return { code: 'text-empty' }
      if (issue.origin === 'array') return { code: 'too-few' }
      return { code: 'too-small', limit: Number(issue.minimum), measures }
    case 'too_big':
      if (issue.origin === 'string') return { code: 'text-too-long', limit: Number(issue.maximum) }
      if (issue.origin === 'array') return { code: 'too-many', limit: Number(issue.maximum) }
      return { code: 'too-large', limit: Number(issue.maximum), measures }
    case 'invalid_value':
    case 'invalid_union':
      return { code: 'choice-empty' }
    case 'invalid_format':
      return { code: issue.format === 'uuid' ? 'choice-empty' : 'text-signs' }
    case 'custom':
      return { code: refinements[String(issue.path[0])] ?? 'other' }
    default:
      return { code: 'other' }
  }
}

export type ReadForm<Input> =
  | { readonly ok: true; readonly input: Input }
  | { readonly ok: false; readonly faults: ReadonlyMap<string, FieldFault> }

/** Reads all fields; every fault is reported, each by its field. */
const readFields = <Input, Fields>(spec: FormSpec<Input, Fields>, raws: Raws, style: LengthStyle): ReadForm<Input> => {
  const faults = new Map<string, FieldFault>()
  const fields: Partial<Fields> = {}
  for (const name of Object.keys(spec.codecs) as (keyof Fields & string)[]) {
    const read = spec.codecs[name].read(raws[name], style)
    if (read.ok) fields[name] = read.value
    else faults.set(name, read.fault)
  }
  // With a field unread, the others are still judged, so that all faults show at once.
  const whole = fields as Fields
  const checked = spec.schema.safeParse(spec.toInput && faults.size === 0 ? spec.toInput(whole) : whole)
  if (checked.success && faults.size === 0) return { ok: true, input: checked.data }
  for (const issue of checked.error?.issues ?? []) {
    const shown = spec.shownAt?.(issue.path) ?? String(issue.path[0] ?? '')
    const codec = (spec.codecs as Record<string, Codec<unknown> | undefined>)[shown]
    if (!codec || faults.has(shown)) continue
    if (fields[shown as keyof Fields] === undefined && !(shown in fields)) continue
    faults.set(shown, faultOfIssue(issue, codec.measures))
  }
  return faults.size > 0 ? { ok: false, faults } : { ok: false, faults: new Map([['', { code: 'other' }]]) }
}

/** A form over one kind of input: what its fields show, and what they mean. */
export interface RowForm<Input> {
  write(input: Input, style: LengthStyle): Raws
  read(raws: Raws, style: LengthStyle): ReadForm<Input>
}

/** Makes a form whose fields are the input's own, or, with `fromInput` and `toInput`, others. */
export const rowForm = <Input, Fields = Input>(spec: FormSpec<Input, Fields>): RowForm<Input> => ({
  write: (input, style) => writeFields(spec, input, style),
  read: (raws, style) => readFields(spec, raws, style),
})

const resolverOf =
  <Input>(rowForm: RowForm<Input>, t: TFunction<'app'>, lengths: Lengths): Resolver<Raws> =>
  (raws) => {
    const read = rowForm.read(raws, lengths.style)
    if (read.ok) return { values: read.input as Raws, errors: {} }
    const errors: FieldErrors<Raws> = {}
    for (const [name, fault] of read.faults)
      errors[name === '' ? 'root' : name] = { type: fault.code, message: sayFault(t, lengths, fault) }
    return { values: {}, errors }
  }

/** A form over one row. What was typed stays as typed; reading happens on leaving a field and on saving. */
export const useRowForm = <Input>(rowForm: RowForm<Input>, start: Input) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const resolver = useMemo(() => resolverOf(rowForm, t, lengths), [rowForm, t, lengths])
  return useForm<Raws>({
    defaultValues: rowForm.write(start, lengths.style),
    resolver,
    mode: 'onTouched',
  })
}
