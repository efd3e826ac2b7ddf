import { factsOfPressClass, type PressClass, pressClasses } from '@bold-heron/core'
import { pressInput, type SetupInput } from '@bold-heron/schema'
import { useTranslation } from 'react-i18next'
import { useLengths } from '../../text/lengths.js'
import { classes } from '../../ui/classes.js'
import { asItIs, choice, length, text } from '../../ui/form/codec.js'
import { LengthField, TextField } from '../../ui/form/fields.js'
import { rowForm, useRowForm } from '../../ui/form/row-form.js'
import { gapCodecs, type GapFields, gapOfFields, toGapFields } from '../shelf/typed-gap/gap-fields.js'
import { GapField } from '../shelf/typed-gap/GapField.js'
import { StepFrame } from './StepFrame.js'

type PressPart = SetupInput['press']

const size = length('size')

const pressForm = rowForm<PressPart, Omit<PressPart, 'gap'> & GapFields>({
  schema: pressInput.omit({ knownGood: true, felt: true, lowMiddleMm: true }),
  codecs: { name: text, pressClass: choice<PressClass>(), throatMm: size, numbers: asItIs(), note: text, ...gapCodecs },
  fromInput: ({ gap, ...rest }) => ({ ...rest, ...toGapFields(gap) }),
  toInput: ({ gapMm, gapFrom, ...rest }) => ({ ...rest, gap: gapOfFields({ gapMm, gapFrom }) }),
})

/** Which kind of press it is, and what it is called. */
export const PressStep = ({
  start,
  onDone,
}: {
  readonly start: PressPart | undefined
  readonly onDone: (press: PressPart) => void
}) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const form = useRowForm(
    pressForm,
    start ?? {
      name: t('welcome.press.defaultName.small-hand'),
      pressClass: 'small-hand',
      throatMm: factsOfPressClass('small-hand').throatMm,
      numbers: [],
      gap: null,
      note: '',
    },
  )
  const chosen = form.watch('pressClass') as PressClass
  const choose = (pressClass: PressClass) => {
    const names = pressClasses.map((each) => t(`welcome.press.defaultName.${each}`)) as string[]
    if (names.includes(form.getValues('name') as string))
      form.setValue('name', t(`welcome.press.defaultName.${pressClass}`))
    form.setValue('throatMm', size.write(factsOfPressClass(pressClass).throatMm, lengths.style))
  }
  return (
    <StepFrame<PressPart> form={form} label={t('welcome.steps.press')} onDone={onDone}>
      <fieldset>
        <legend className="mb-1 font-bold">{t('welcome.press.class')}</legend>
        <div className="grid gap-2 sm:grid-cols-4">
          {pressClasses.map((pressClass) => (
            <label
              key={pressClass}
              className={classes(
                'flex min-h-16 flex-col justify-center rounded-md border-2 p-3 leading-tight has-focus-visible:outline-3 has-focus-visible:outline-accent',
                chosen === pressClass ? 'border-ink bg-sunk font-bold' : 'border-line bg-field',
              )}
            >
              <input
                type="radio"
                value={pressClass}
                className="sr-only"
                {...form.register('pressClass', { onChange: () => choose(pressClass) })}
              />
              <span className="first-letter:uppercase">{t(`words.pressClass.${pressClass}`)}</span>
              <span className="text-sm font-normal text-ink-soft">
                {t('shelf.field.throatMm')} {lengths.size(factsOfPressClass(pressClass).throatMm)}
              </span>
            </label>
          ))}
        </div>
      </fieldset>
      <div className="mt-4 grid gap-4 sm:grid-cols-2">
        <TextField name="name" label={t('welcome.press.name')} />
        <LengthField
          name="throatMm"
          measures="size"
          label={t('shelf.field.throatMm')}
          hint={t('shelf.hint.throatMm')}
        />
        <GapField />
      </div>
    </StepFrame>
  )
}
