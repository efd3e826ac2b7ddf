import { gapSources, spreadOfTyped } from '@bold-heron/core'
import { useFormContext, useWatch } from 'react-hook-form'
import { useTranslation } from 'react-i18next'
import { useLengths } from '../../../text/lengths.js'
import { LengthField } from '../../../ui/form/fields.js'
import { boxClass, Field } from '../../../ui/Field.js'

/** The gap between the rollers, for whoever has it in figures; and where from, which says how far it can be trusted. */
export const GapField = () => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const { register } = useFormContext()
  const isTyped = (useWatch({ name: 'gapMm' }) as string).trim() !== ''
  return (
    <div className="grid items-start gap-4 sm:col-span-2 sm:grid-cols-2">
      <LengthField
        name="gapMm"
        measures="thickness"
        label={t('shelf.typedGap.label')}
        hint={t('shelf.typedGap.hint')}
      />
      {isTyped && (
        <Field label={t('shelf.typedGap.from')}>
          {(ids) => (
            <select className={boxClass} {...ids} {...register('gapFrom')}>
              {gapSources.map((from) => (
                <option key={from} value={from}>
                  {t(`shelf.typedGap.source.${from}`, { spread: lengths.thickness(spreadOfTyped({ mm: 0, from })) })}
                </option>
              ))}
            </select>
          )}
        </Field>
      )}
    </div>
  )
}
