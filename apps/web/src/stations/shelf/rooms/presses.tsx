import { factsOfPressClass, type PressClass, pressClasses } from '@bold-heron/core'
import type { PressRow } from '@bold-heron/schema'
import { useFormContext } from 'react-hook-form'
import { useTranslation } from 'react-i18next'
import { useLengths } from '../../../text/lengths.js'
import { length } from '../../../ui/form/codec.js'
import { LengthField, NoteField, TextField } from '../../../ui/form/fields.js'
import { boxClass, Field } from '../../../ui/Field.js'
import { HowItWasCut } from '../about/HowItWasCut.js'
import { PressAbout } from '../about/PressAbout.js'
import { PressLearningPanel } from '../learning/PressLearningPanel.js'
import { KnownGoodField } from '../known-good/KnownGoodField.js'
import { pressForm } from '../press-numbers/press-form.js'
import { PressNumbersField } from '../press-numbers/PressNumbersField.js'
import { GapField } from '../typed-gap/GapField.js'
import type { Room } from './room.js'

const size = length('size')

/** Choosing a class fills in its usual throat, as long as nobody has typed another. */
const ClassField = () => {
  const { t } = useTranslation()
  const { style } = useLengths()
  const { register, setValue, getFieldState } = useFormContext()
  const fill = (pressClass: PressClass) => {
    if (!getFieldState('throatMm').isTouched)
      setValue('throatMm', size.write(factsOfPressClass(pressClass).throatMm, style))
  }
  return (
    <Field label={t('shelf.field.pressClass')}>
      {(ids) => (
        <select
          {...ids}
          className={boxClass}
          {...register('pressClass', {
            onChange: (event: { target: { value: PressClass } }) => fill(event.target.value),
          })}
        >
          {pressClasses.map((each) => (
            <option key={each} value={each}>
              {t(`words.pressClass.${each}`)}
            </option>
          ))}
        </select>
      )}
    </Field>
  )
}

const PressFields = () => {
  const { t } = useTranslation()
  return (
    <div className="grid gap-4 sm:grid-cols-2">
      <TextField name="name" label={t('shelf.field.name')} className="sm:col-span-2" />
      <ClassField />
      <LengthField name="throatMm" measures="size" label={t('shelf.field.throatMm')} hint={t('shelf.hint.throatMm')} />
      <LengthField
        name="lowMiddleMm"
        measures="thickness"
        label={t('shelf.field.lowMiddleMm')}
        hint={t('shelf.hint.lowMiddleMm')}
      />
      <GapField />
      <KnownGoodField />
      <PressNumbersField />
      <NoteField name="note" label={t('shelf.field.note')} className="sm:col-span-2" />
    </div>
  )
}

/** What a press taught, and what it pressed. */
const PressBeside = ({ row }: { readonly row: PressRow }) => (
  <div className="space-y-4">
    <PressLearningPanel row={row} />
    <HowItWasCut of="press" id={row.id} />
  </div>
)

export const pressesRoom: Room<'presses'> = {
  kind: 'presses',
  form: pressForm,
  blank: {
    name: '',
    pressClass: 'small-hand',
    throatMm: factsOfPressClass('small-hand').throatMm,
    lowMiddleMm: null,
    numbers: [],
    gap: null,
    knownGood: [],
    felt: [],
    note: '',
  },
  inputOf: (row) => row,
  columns: (t, lengths) => [
    { id: 'class', header: t('shelf.columns.class'), accessorFn: (row) => t(`words.pressClass.${row.pressClass}`) },
    {
      id: 'throat',
      header: t('shelf.columns.throat'),
      accessorFn: (row) => row.throatMm,
      cell: ({ row: { original } }) => lengths.size(original.throatMm),
      meta: { figures: true },
    },
    {
      id: 'known',
      header: t('shelf.columns.known'),
      accessorFn: (row) => row.knownGood.length,
      meta: { figures: true, wideOnly: true },
    },
  ],
  About: PressAbout,
  Fields: PressFields,
  Beside: PressBeside,
}
