import {
  estimatedCaliper,
  isSoldByWeight,
  parseCardWeight,
  type SheetKind,
  sheetKinds,
  strengthOfKind,
  type TypedCardWeight,
} from '@bold-heron/core'
import { caliperWays, grains, type SheetInput, sheetInput, sheetTable, usualSheet } from '@bold-heron/schema'
import { useFormContext, useWatch } from 'react-hook-form'
import { useTranslation } from 'react-i18next'
import { colourOf } from '../../../drawing/colour-of.js'
import { useLengths } from '../../../text/lengths.js'
import { Button } from '../../../ui/Button.js'
import { asItIs, cardWeight, length } from '../../../ui/form/codec.js'
import { codecsOf } from '../../../ui/form/field-codecs.js'
import { ChoiceField, FlagField, LengthField, NoteField, TextField } from '../../../ui/form/fields.js'
import { Field } from '../../../ui/Field.js'
import { rowForm } from '../../../ui/form/row-form.js'
import { MeasuredField } from '../../../ui/measuring/MeasuredField.js'
import { HowItWasCut } from '../about/HowItWasCut.js'
import { SheetAbout } from '../about/SheetAbout.js'
import { PartsField } from './PartsField.js'
import type { Room } from './room.js'

/** In the form the weight is one field: as typed, and the g/m² it means. */
interface SheetFormFields extends Omit<SheetInput, 'grammage' | 'weightTyped'> {
  readonly weight: { readonly typed: string; readonly weight: TypedCardWeight | undefined }
}

const caliper = length('thickness')

/** What a sheet of this kind and weight usually measures, and a button to take it over. */
const CaliperEstimate = () => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const { setValue } = useFormContext()
  const kind = useWatch({ name: 'kind' }) as SheetKind
  const typed = useWatch({ name: 'weight' }) as string
  const weight = parseCardWeight(typed ?? '')
  const grammage = weight.ok ? weight.value.grammage : undefined
  if (isSoldByWeight(kind) && grammage === undefined) return null
  const { valueMm, spreadMm } = estimatedCaliper(kind, grammage)
  const rounded = Math.round(valueMm * 1000) / 1000
  const take = () => {
    setValue('caliperMm', caliper.write(rounded, lengths.style), { shouldDirty: true, shouldValidate: true })
    setValue('caliperBy', isSoldByWeight(kind) ? 'weight' : 'table', { shouldDirty: true })
  }
  return (
    <div className="flex flex-wrap items-center gap-3 rounded-md bg-sunk px-3 py-2 sm:col-span-2">
      <p className="flex-1">
        {t('shelf.estimated', { caliper: lengths.thickness(rounded), spread: lengths.thickness(spreadMm) })}
      </p>
      <Button onClick={take}>{t('shelf.takeEstimate')}</Button>
    </div>
  )
}

/** How hard the sheet is to cut and to squash; left empty, it is as usual for its kind. */
const StrengthFields = () => {
  const { t } = useTranslation()
  const kind = useWatch({ name: 'kind' }) as SheetKind
  const usual = strengthOfKind(kind)
  return (
    <>
      <TextField
        name="shearStrengthMPa"
        label={t('shelf.field.shearStrengthMPa')}
        placeholder={String(usual.shearStrengthMPa)}
        hint={t('shelf.hint.shearStrengthMPa', { usual: usual.shearStrengthMPa })}
        inputMode="decimal"
      />
      <TextField
        name="squashModulusMPa"
        label={t('shelf.field.squashModulusMPa')}
        placeholder={String(usual.squashModulusMPa)}
        hint={t('shelf.hint.squashModulusMPa', { usual: usual.squashModulusMPa })}
        inputMode="decimal"
      />
    </>
  )
}

/** The colour of a sheet, as a colour; one that was noted in a word shows what the word means until another is picked. */
const ColourField = () => {
  const { t } = useTranslation()
  const { setValue } = useFormContext()
  const noted = useWatch({ name: 'colour' }) as string
  return (
    <Field label={t('shelf.field.colour')}>
      {(ids) => (
        <span className="flex items-center gap-2">
          <input
            {...ids}
            type="color"
            className="h-11 w-16 rounded-md border border-ink/50 bg-field p-1"
            value={colourOf(noted)}
            onChange={(event) => setValue('colour', event.target.value, { shouldDirty: true })}
          />
          {noted !== '' && !noted.startsWith('#') && <span className="text-ink-soft">{noted}</span>}
        </span>
      )}
    </Field>
  )
}

const SheetFields = () => {
  const { t } = useTranslation()
  return (
    <div className="grid gap-4 sm:grid-cols-2">
      <TextField name="name" label={t('shelf.field.name')} className="sm:col-span-2" />
      <ChoiceField
        name="kind"
        label={t('shelf.field.kind')}
        options={sheetKinds.map((each) => ({ value: each, text: t(`words.sheetKind.${each}`) }))}
      />
      <TextField name="weight" label={t('shelf.field.weightTyped')} hint={t('shelf.hint.weightTyped')} />
      <CaliperEstimate />
      <MeasuredField name="caliperMm" knownBy="caliperBy" label={t('shelf.field.caliperMm')} />
      <ChoiceField
        name="caliperBy"
        label={t('shelf.field.caliperBy')}
        options={caliperWays.map((way) => ({ value: way, text: t(`words.measuredBy.${way}`) }))}
      />
      <LengthField name="lengthMm" measures="size" label={t('shelf.field.lengthMm')} />
      <LengthField name="widthMm" measures="size" label={t('shelf.field.widthMm')} />
      <StrengthFields />
      <ChoiceField
        name="grain"
        label={t('shelf.field.grain')}
        options={grains.map((each) => ({ value: each, text: t(`words.grain.${each}`) }))}
      />
      <FlagField name="patterned" label={t('shelf.field.patterned')} hint={t('shelf.hint.patterned')} />
      <PartsField />
      <TextField name="stock" label={t('shelf.field.stock')} inputMode="numeric" />
      <ColourField />
      <NoteField name="note" label={t('shelf.field.note')} className="sm:col-span-2" />
    </div>
  )
}

const { grammage: _, weightTyped: __, ...ownFields } = sheetTable

const sheetForm = rowForm<SheetInput, SheetFormFields>({
  schema: sheetInput,
  codecs: { ...codecsOf(ownFields), weight: cardWeight, parts: asItIs() },
  fromInput: ({ grammage, weightTyped, ...rest }) => ({
    ...rest,
    weight: { typed: weightTyped || (grammage === null ? '' : `${grammage} g/m²`), weight: undefined },
  }),
  toInput: ({ weight: { typed, weight }, ...rest }) => ({
    ...rest,
    weightTyped: typed,
    grammage: weight?.grammage ?? null,
  }),
  shownAt: ([field]) => (field === 'weightTyped' || field === 'grammage' ? 'weight' : String(field)),
})

export const sheetsRoom: Room<'sheets'> = {
  kind: 'sheets',
  form: sheetForm,
  blank: usualSheet,
  inputOf: (row) => row,
  columns: (t, lengths) => [
    { id: 'kind', header: t('shelf.columns.kind'), accessorFn: (row) => t(`words.sheetKind.${row.kind}`) },
    {
      id: 'caliper',
      header: t('shelf.columns.caliper'),
      accessorFn: (row) => row.caliperMm,
      cell: ({ row: { original } }) => (
        <>
          {lengths.thickness(original.caliperMm)}{' '}
          <span className="text-sm text-ink-soft">{t(`words.measuredByShort.${original.caliperBy}`)}</span>
        </>
      ),
      meta: { figures: true },
    },
    {
      id: 'weight',
      header: t('shelf.columns.weight'),
      accessorFn: (row) => row.grammage ?? 0,
      cell: ({ row: { original } }) => original.weightTyped,
      meta: { figures: true, wideOnly: true },
    },
    { id: 'stock', header: t('shelf.columns.stock'), accessorFn: (row) => row.stock, meta: { figures: true } },
  ],
  About: SheetAbout,
  Beside: ({ row }) => <HowItWasCut of="sheet" id={row.id} />,
  Fields: SheetFields,
}
