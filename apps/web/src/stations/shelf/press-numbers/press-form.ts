import {
  type numberSources,
  type PressInput,
  pressInput,
  type PressNumberName,
  pressNumberNames,
  pressNumbers,
  pressTable,
} from '@bold-heron/schema'
import { choice, type Codec, optionalLength, optionalNumber } from '../../../ui/form/codec.js'
import { codecsOf } from '../../../ui/form/field-codecs.js'
import { type Codecs, rowForm } from '../../../ui/form/row-form.js'
import { gapCodecs, type GapFields, gapOfFields, toGapFields } from '../typed-gap/gap-fields.js'

type NumberSource = (typeof numberSources)[number]

/** In the form every number of the press has a field for its value and one for where it is from. */
export const valueField = (name: PressNumberName): `value-${PressNumberName}` => `value-${name}`
export const sourceField = (name: PressNumberName): `source-${PressNumberName}` => `source-${name}`

type NumberFields = Readonly<Record<`value-${PressNumberName}`, number | null>> &
  Readonly<Record<`source-${PressNumberName}`, NumberSource>>

type PressFormFields = Omit<PressInput, 'numbers' | 'gap'> & NumberFields & GapFields

/** Numbers that are lengths are typed and shown in the user's unit. */
export const isLength = (name: PressNumberName): boolean =>
  name === 'rollerDiameterMm' || name === 'bearingSpanMm' || name === 'crankArmMm'

const withinLimits = (name: PressNumberName): Codec<number | null> =>
  isLength(name) ? optionalLength('size', pressNumbers[name]) : optionalNumber(pressNumbers[name])

const numberCodecs = Object.fromEntries(
  pressNumberNames.flatMap((name) => [
    [valueField(name), withinLimits(name)],
    [sourceField(name), choice<NumberSource>()],
  ]),
) as unknown as Codecs<NumberFields>

const isOfNumbers = (field: string): boolean => field.startsWith('value-') || field.startsWith('source-')

const isOfGap = (field: string): boolean => field in gapCodecs

const { numbers: _, gap: __, ...ownFields } = pressTable

export const pressForm = rowForm<PressInput, PressFormFields>({
  schema: pressInput,
  codecs: { ...codecsOf(ownFields), ...numberCodecs, ...gapCodecs },
  fromInput: ({ numbers, gap, ...rest }) => {
    const known = new Map(numbers.map((each) => [each.name, each]))
    const fields = pressNumberNames.flatMap((name) => [
      [valueField(name), known.get(name)?.value ?? null],
      [sourceField(name), known.get(name)?.from ?? 'measured'],
    ])
    return { ...rest, ...toGapFields(gap), ...(Object.fromEntries(fields) as NumberFields) }
  },
  toInput: (fields) => ({
    ...Object.fromEntries(Object.entries(fields).filter(([name]) => !isOfNumbers(name) && !isOfGap(name))),
    gap: gapOfFields(fields),
    numbers: pressNumberNames.flatMap((name) => {
      const value = fields[valueField(name)]
      return value === null ? [] : [{ name, value, from: fields[sourceField(name)] }]
    }),
  }),
})
