import { type DieClass, dieClasses } from '@bold-heron/core'
import { type DieInput, dieInput, usualDie } from '@bold-heron/schema'
import { useTranslation } from 'react-i18next'
import { choice, length, text } from '../../ui/form/codec.js'
import { ChoiceField, LengthField, TextField } from '../../ui/form/fields.js'
import { rowForm, useRowForm } from '../../ui/form/row-form.js'
import { StepFrame } from './StepFrame.js'

interface DieFields {
  readonly name: string
  readonly dieClass: DieClass
  readonly lengthMm: number
  readonly widthMm: number
}

/** Heights are what is usual for the class; the shelf is the place to put them right. */
const dieForm = rowForm<DieInput, DieFields>({
  schema: dieInput,
  codecs: { name: text, dieClass: choice(), lengthMm: length('size'), widthMm: length('size') },
  toInput: (fields) => ({ ...usualDie(fields.dieClass), ...fields }),
})

/** One die: its kind and its size. */
export const DieStep = ({
  start,
  onDone,
  onBack,
}: {
  readonly start: DieInput | undefined
  readonly onDone: (die: DieInput) => void
  readonly onBack: () => void
}) => {
  const { t } = useTranslation()
  const form = useRowForm(dieForm, start ?? { ...usualDie(), name: t('welcome.die.defaultName') })
  return (
    <StepFrame<DieInput> form={form} label={t('welcome.steps.die')} onDone={onDone} onBack={onBack}>
      <div className="grid gap-4 sm:grid-cols-2">
        <TextField name="name" label={t('welcome.die.name')} />
        <ChoiceField
          name="dieClass"
          label={t('shelf.field.dieClass')}
          options={dieClasses.map((each) => ({ value: each, text: t(`words.dieClass.${each}`) }))}
        />
        <LengthField name="lengthMm" measures="size" label={t('shelf.field.lengthMm')} />
        <LengthField name="widthMm" measures="size" label={t('shelf.field.widthMm')} />
      </div>
    </StepFrame>
  )
}
