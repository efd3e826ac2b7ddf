import { type DieClass, dieClasses, factsOfDieClass, measuringWays } from '@bold-heron/core'
import { dieInput } from '@bold-heron/schema'
import { useFormContext } from 'react-hook-form'
import { useTranslation } from 'react-i18next'
import { useLengths } from '../../../text/lengths.js'
import { choice, flag, length, text } from '../../../ui/form/codec.js'
import { boxClass, ChoiceField, Field, FlagField, LengthField, NoteField, TextField } from '../../../ui/form/fields.js'
import { rowForm } from '../../../ui/form/row-form.js'
import type { Room } from './room.js'

const thickness = length('thickness')

/** Choosing a class fills in what is usual for it, as long as nobody has typed other heights. */
const ClassField = () => {
  const { t } = useTranslation()
  const { style } = useLengths()
  const { register, setValue, getFieldState } = useFormContext()
  const fill = (dieClass: DieClass) => {
    const { heightMm, bladeHeightMm } = factsOfDieClass(dieClass)
    if (!getFieldState('heightMm').isTouched) setValue('heightMm', thickness.write(heightMm, style))
    if (!getFieldState('bladeHeightMm').isTouched) setValue('bladeHeightMm', thickness.write(bladeHeightMm, style))
  }
  return (
    <Field label={t('shelf.field.dieClass')} className="sm:col-span-2">
      {(ids) => (
        <select
          {...ids}
          className={boxClass}
          {...register('dieClass', { onChange: (event: { target: { value: DieClass } }) => fill(event.target.value) })}
        >
          {dieClasses.map((each) => (
            <option key={each} value={each}>
              {t(`words.dieClass.${each}`)}
            </option>
          ))}
        </select>
      )}
    </Field>
  )
}

const DieFields = () => {
  const { t } = useTranslation()
  return (
    <div className="grid gap-4 sm:grid-cols-2">
      <TextField name="name" label={t('shelf.field.name')} className="sm:col-span-2" />
      <ClassField />
      <LengthField name="lengthMm" measures="size" label={t('shelf.field.lengthMm')} />
      <LengthField name="widthMm" measures="size" label={t('shelf.field.widthMm')} />
      <LengthField name="heightMm" measures="thickness" label={t('shelf.field.heightMm')} />
      <ChoiceField
        name="heightMeasuredBy"
        label={t('shelf.field.heightMeasuredBy')}
        options={measuringWays.map((way) => ({ value: way, text: t(`words.measuredBy.${way}`) }))}
      />
      <LengthField
        name="bladeHeightMm"
        measures="thickness"
        label={t('shelf.field.bladeHeightMm')}
        hint={t('shelf.hint.bladeHeightMm')}
      />
      <FlagField name="fitForFoam" label={t('shelf.field.fitForFoam')} />
      <NoteField name="note" label={t('shelf.field.note')} className="sm:col-span-2" />
    </div>
  )
}

export const diesRoom: Room<'dies'> = {
  kind: 'dies',
  form: rowForm({
    schema: dieInput,
    codecs: {
      name: text,
      dieClass: choice(),
      lengthMm: length('size'),
      widthMm: length('size'),
      heightMm: thickness,
      heightMeasuredBy: choice(),
      bladeHeightMm: thickness,
      fitForFoam: flag,
      note: text,
    },
  }),
  blank: {
    name: '',
    dieClass: 'thin-outline',
    lengthMm: 80,
    widthMm: 60,
    heightMm: factsOfDieClass('thin-outline').heightMm,
    heightMeasuredBy: 'table',
    bladeHeightMm: factsOfDieClass('thin-outline').bladeHeightMm,
    fitForFoam: false,
    note: '',
  },
  columns: (t, lengths) => [
    { id: 'class', header: t('shelf.columns.class'), accessorFn: (row) => t(`words.dieClass.${row.dieClass}`) },
    {
      id: 'size',
      header: t('shelf.columns.size'),
      accessorFn: (row) => row.lengthMm * row.widthMm,
      cell: ({ row: { original } }) => lengths.area(original.lengthMm, original.widthMm),
      meta: { figures: true },
    },
    {
      id: 'height',
      header: t('shelf.columns.height'),
      accessorFn: (row) => row.heightMm,
      cell: ({ row: { original } }) => lengths.thickness(original.heightMm),
      meta: { figures: true, wideOnly: true },
    },
  ],
  Fields: DieFields,
}
