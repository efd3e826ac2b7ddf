import { rectangle } from '@bold-heron/core'
import { type OffcutInput, offcutInput } from '@bold-heron/schema'
import { useFormContext, useWatch } from 'react-hook-form'
import { useTranslation } from 'react-i18next'
import { RowPicker } from '../../../drawing/pick/RowPicker.js'
import { asItIs, choice, optionalLength, text } from '../../../ui/form/codec.js'
import { LengthField, NoteField, TextField } from '../../../ui/form/fields.js'
import { Field } from '../../../ui/Field.js'
import { rowForm } from '../../../ui/form/row-form.js'
import { FitPanel } from '../offcuts/FitPanel.js'
import { LoopsField } from '../offcuts/LoopsField.js'
import type { Room } from './room.js'

const SheetField = () => {
  const { t } = useTranslation()
  const { setValue, formState } = useFormContext()
  const value = useWatch({ name: 'sheetId' }) as string
  const fault = formState.errors['sheetId']?.message
  return (
    <Field label={t('shelf.field.sheetId')} fault={typeof fault === 'string' ? fault : undefined}>
      {(ids) => (
        <RowPicker
          kind="sheets"
          label={t('shelf.field.sheetId')}
          ids={ids}
          value={value}
          onPick={(id) => setValue('sheetId', id, { shouldDirty: true, shouldValidate: formState.isSubmitted })}
        />
      )}
    </Field>
  )
}

const OffcutFields = () => {
  const { t } = useTranslation()
  return (
    <div className="grid gap-4">
      <TextField name="name" label={t('shelf.field.name')} />
      <SheetField />
      <LoopsField />
      <LengthField
        name="caliperMm"
        measures="thickness"
        label={t('shelf.field.ownThickness')}
        hint={t('shelf.hint.ownThickness')}
      />
      <NoteField name="note" label={t('shelf.field.note')} />
    </div>
  )
}

export const offcutsRoom: Room<'offcuts'> = {
  kind: 'offcuts',
  form: rowForm<OffcutInput>({
    schema: offcutInput,
    codecs: {
      name: text,
      sheetId: choice(),
      loops: asItIs(),
      source: choice(),
      caliperMm: optionalLength('thickness'),
      fromRunId: asItIs(),
      note: text,
    },
  }),
  blank: {
    name: '',
    sheetId: '',
    loops: [rectangle({ fromX: 0, fromY: 0, toX: 120, toY: 80 })],
    source: 'typed',
    caliperMm: null,
    fromRunId: null,
    note: '',
  },
  inputOf: ({ name, sheetId, loops, source, caliperMm, fromRunId, note }) => ({
    name,
    sheetId,
    loops,
    source,
    caliperMm,
    fromRunId,
    note,
  }),
  columns: (t, lengths) => [
    { id: 'sheet', header: t('shelf.columns.sheet'), accessorFn: (row) => row.sheetName },
    {
      id: 'size',
      header: t('shelf.columns.size'),
      accessorFn: (row) => row.areaMm2,
      cell: ({ row: { original } }) => lengths.area(original.lengthMm, original.widthMm),
      meta: { figures: true },
    },
    {
      id: 'claims',
      header: t('shelf.columns.claims'),
      accessorFn: (row) => row.claims.map(({ jobName }) => jobName).join(', '),
      meta: { wideOnly: true },
    },
  ],
  Beside: FitPanel,
  Fields: OffcutFields,
}
