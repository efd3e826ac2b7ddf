import { estimatedCaliper, isSoldByWeight, type SheetKind, sheetKinds, type TypedCardWeight } from '@bold-heron/core'
import { type SheetInput, sheetInput, usualSheet } from '@bold-heron/schema'
import { useTranslation } from 'react-i18next'
import { useLengths } from '../../text/lengths.js'
import { Failure } from '../../ui/states.js'
import { cardWeight, choice, text } from '../../ui/form/codec.js'
import { ChoiceField, TextField } from '../../ui/form/fields.js'
import { rowForm, useRowForm } from '../../ui/form/row-form.js'
import { StepFrame } from './StepFrame.js'

interface SheetFields {
  readonly name: string
  readonly kind: SheetKind
  readonly weight: { readonly typed: string; readonly weight: TypedCardWeight | undefined }
}

/** The thickness is worked out from kind and weight; measuring comes later, on the shelf. */
const sheetForm = rowForm<SheetInput, SheetFields>({
  schema: sheetInput,
  codecs: { name: text, kind: choice(), weight: cardWeight },
  fromInput: ({ name, kind, weightTyped }) => ({ name, kind, weight: { typed: weightTyped, weight: undefined } }),
  toInput: ({ name, kind, weight: { typed, weight } }) => ({
    ...usualSheet,
    name,
    kind,
    grammage: weight?.grammage ?? null,
    weightTyped: typed,
    caliperMm: Math.round(estimatedCaliper(kind, weight?.grammage).valueMm * 1000) / 1000,
    caliperBy: isSoldByWeight(kind) && weight ? 'weight' : 'table',
  }),
  shownAt: ([field]) => (field === 'name' || field === 'kind' ? field : 'weight'),
})

/** One sheet: what it is and how heavy. */
export const SheetStep = ({
  onDone,
  onBack,
  busy,
  error,
}: {
  readonly onDone: (sheet: SheetInput) => void
  readonly onBack: () => void
  readonly busy: boolean
  readonly error: unknown
}) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const form = useRowForm(sheetForm, { ...usualSheet, name: t('welcome.sheet.defaultName') })
  const read = sheetForm.read(form.watch(), lengths.style)
  return (
    <StepFrame<SheetInput>
      form={form}
      label={t('welcome.steps.sheet')}
      onDone={onDone}
      onBack={onBack}
      nextText={t('welcome.finish')}
      busy={busy}
    >
      <div className="grid gap-4 sm:grid-cols-2">
        <TextField name="name" label={t('welcome.sheet.name')} className="sm:col-span-2" />
        <ChoiceField
          name="kind"
          label={t('shelf.field.kind')}
          options={sheetKinds.map((each) => ({ value: each, text: t(`words.sheetKind.${each}`) }))}
        />
        <TextField name="weight" label={t('shelf.field.weightTyped')} hint={t('shelf.hint.weightTyped')} />
      </div>
      {read.ok && (
        <p className="mt-3 rounded-md bg-sunk px-3 py-2" aria-live="polite">
          {t('shelf.estimated', {
            caliper: lengths.thickness(read.input.caliperMm),
            spread: lengths.thickness(estimatedCaliper(read.input.kind, read.input.grammage ?? undefined).spreadMm),
          })}
        </p>
      )}
      {error !== null && error !== undefined && <Failure error={error} />}
    </StepFrame>
  )
}
