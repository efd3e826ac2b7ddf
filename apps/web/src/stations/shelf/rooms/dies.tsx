import {
  type DieClass,
  dieClasses,
  dieConditions,
  factsOfDieClass,
  feedEnds,
  measuringWays,
  usualFeedEnd,
} from '@bold-heron/core'
import { type DieRow, usualDie } from '@bold-heron/schema'
import { useFormContext, useWatch } from 'react-hook-form'
import { useTranslation } from 'react-i18next'
import { fetchOutline } from '../../../data/outlines.js'
import { PhotosPanel } from '../../../drawing/photos/PhotosPanel.js'
import { useLengths } from '../../../text/lengths.js'
import { length } from '../../../ui/form/codec.js'
import { ChoiceField, FlagField, LengthField, NoteField, TextField } from '../../../ui/form/fields.js'
import { boxClass, Field } from '../../../ui/Field.js'
import { dieForm } from '../outline/die-form.js'
import { OutlineField } from '../outline/OutlineField.js'
import { MeasuredField } from '../../../ui/measuring/MeasuredField.js'
import { DifficultyPanel } from '../wear/DifficultyPanel.js'
import { FolderWearPanel } from '../wear/MatWearPanel.js'
import { DieAbout } from '../about/DieAbout.js'
import { HowItWasCut } from '../about/HowItWasCut.js'
import { LayersOfShape } from './LayersOfShape.js'
import { OverField } from './OverField.js'
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

/** Left empty, the strip of body that follows the blade is as usual for the class. */
const BodyStripField = () => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const dieClass = useWatch({ name: 'dieClass' }) as DieClass
  const usual = factsOfDieClass(dieClass).bodyStripMm
  return (
    <LengthField
      name="bodyStripMm"
      measures="thickness"
      label={t('shelf.field.bodyStripMm')}
      hint={t('shelf.hint.bodyStripMm', { usual: lengths.thickness(usual) })}
    />
  )
}

/** What a blade is like: nothing to ask of a shape or a plain folder. */
const BladeFields = () => {
  const { t } = useTranslation()
  return (
    <>
      <LengthField
        name="bladeHeightMm"
        measures="thickness"
        label={t('shelf.field.bladeHeightMm')}
        hint={t('shelf.hint.bladeHeightMm')}
      />
      <BodyStripField />
      <ChoiceField
        name="condition"
        label={t('shelf.field.condition')}
        hint={t('shelf.hint.condition')}
        options={dieConditions.map((condition) => ({ value: condition, text: t(`words.dieCondition.${condition}`) }))}
      />
      <FlagField name="fitForFoam" label={t('shelf.field.fitForFoam')} />
    </>
  )
}

/** Which end of a folder goes in first; empty as usual for its class. */
const FeedEndField = () => {
  const { t } = useTranslation()
  const usual = usualFeedEnd(useWatch({ name: 'dieClass' }) as DieClass)
  return (
    <ChoiceField
      name="feedEnd"
      label={t('shelf.field.feedEnd')}
      hint={t('shelf.hint.feedEnd')}
      options={[
        { value: 'usual', text: t('shelf.hint.feedEndUsual', { end: t(`words.feedEnd.${usual}`) }) },
        ...feedEnds.map((end) => ({ value: end, text: t(`words.feedEnd.${end}`) })),
      ]}
    />
  )
}

/** What one cut of one sheet gives, and how many of the die there are. */
const PiecesFields = () => {
  const { t } = useTranslation()
  return (
    <>
      <TextField name="pieces" label={t('shelf.field.pieces')} hint={t('shelf.hint.pieces')} inputMode="numeric" />
      <TextField
        name="mirrored"
        label={t('shelf.field.mirrored')}
        hint={t('shelf.hint.mirrored')}
        inputMode="numeric"
      />
      <TextField name="owned" label={t('shelf.field.owned')} hint={t('shelf.hint.owned')} inputMode="numeric" />
    </>
  )
}

const DieFields = ({ row }: { readonly row?: DieRow | undefined }) => {
  const { t } = useTranslation()
  const { use } = factsOfDieClass(useWatch({ name: 'dieClass' }) as DieClass)
  return (
    <div className="grid gap-4 sm:grid-cols-2">
      <TextField name="name" label={t('shelf.field.name')} className="sm:col-span-2" />
      <ClassField />
      <LengthField name="lengthMm" measures="size" label={t('shelf.field.lengthMm')} />
      <LengthField name="widthMm" measures="size" label={t('shelf.field.widthMm')} />
      <MeasuredField name="heightMm" knownBy="heightMeasuredBy" label={t('shelf.field.heightMm')} />
      <ChoiceField
        name="heightMeasuredBy"
        label={t('shelf.field.heightMeasuredBy')}
        options={measuringWays.map((way) => ({ value: way, text: t(`words.measuredBy.${way}`) }))}
      />
      {use === 'shape' && <LayersOfShape />}
      {use === 'die' && <BladeFields />}
      {use === 'die' && <OverField row={row} />}
      {use !== 'shape' && <PiecesFields />}
      {use.endsWith('folder') && <FeedEndField />}
      <OutlineField row={row} />
      <NoteField name="note" label={t('shelf.field.note')} className="sm:col-span-2" />
    </div>
  )
}

export const diesRoom: Room<'dies'> = {
  kind: 'dies',
  form: dieForm,
  blank: usualDie(),
  inputOf: ({ outline: _, ...row }) => row,
  copyOf: async ({ outline, ...row }) => (outline ? { ...row, outline: await fetchOutline(row.id) } : row),
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
  About: DieAbout,
  Beside: ({ row }) => (
    <div className="space-y-4">
      <HowItWasCut of="die" id={row.id} />
      <DifficultyPanel row={row} />
      <FolderWearPanel row={row} />
      <PhotosPanel of={{ kind: 'dies', id: row.id }} />
    </div>
  ),
  Fields: DieFields,
}
