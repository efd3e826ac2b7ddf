import { factsOfPressClass, type PressClass } from '@bold-heron/core'
import { numberSources, type PressNumberName, pressNumberNames } from '@bold-heron/schema'
import { useFormContext, useWatch } from 'react-hook-form'
import { useTranslation } from 'react-i18next'
import { useLengths } from '../../../text/lengths.js'
import { boxClass, Field } from '../../../ui/Field.js'
import { isLength, sourceField, valueField } from './press-form.js'
import { PressEffect } from './PressEffect.js'

/** The usual values of a class, by name; those that its drive does not have are left out. */
const usualOf = (pressClass: PressClass): Partial<Record<PressNumberName, number>> => {
  const { rollerDiameterMm, bearingSpanMm, rollerModulusMPa, frameStiffnessNPerMm, drive } =
    factsOfPressClass(pressClass)
  return {
    rollerDiameterMm,
    bearingSpanMm,
    rollerModulusMPa,
    frameStiffnessNPerMm,
    ...(drive.by === 'hand'
      ? { handleLimitN: drive.limitN, crankArmMm: drive.crankArmMm, gearRatio: drive.gearRatio }
      : { stallForceN: drive.stallN }),
  }
}

const NumberRow = ({ name, usual }: { readonly name: PressNumberName; readonly usual: number }) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const { register, formState } = useFormContext()
  const typed = useWatch({ name: valueField(name) }) as string
  const fault = formState.errors[valueField(name)]?.message
  const own = typed.trim() !== ''
  return (
    <li className="grid items-end gap-x-3 gap-y-1 border-t border-line py-2 sm:grid-cols-2">
      <Field label={t(`shelf.build.name.${name}`)} fault={typeof fault === 'string' ? fault : undefined}>
        {(ids) => (
          <input
            type="text"
            inputMode="decimal"
            autoComplete="off"
            className={boxClass}
            placeholder={isLength(name) ? lengths.size(usual) : String(usual)}
            {...ids}
            {...register(valueField(name))}
          />
        )}
      </Field>
      {own ? (
        <Field
          label={<span className="sr-only">{t('shelf.build.from', { name: t(`shelf.build.name.${name}`) })}</span>}
        >
          {(ids) => (
            <select className={boxClass} {...ids} {...register(sourceField(name))}>
              {numberSources.map((source) => (
                <option key={source} value={source}>
                  {t(`words.numberSource.${source}`)}
                </option>
              ))}
            </select>
          )}
        </Field>
      ) : (
        <p className="pb-3 text-sm text-ink-soft">{t('shelf.build.usual')}</p>
      )}
      <p className="text-sm text-ink-soft sm:col-span-2">{t(`shelf.build.effect.${name}`)}</p>
    </li>
  )
}

/** What is known of the press's build, number by number: its value, where it is from, and what it does. */
export const PressNumbersField = () => {
  const { t } = useTranslation()
  const pressClass = useWatch({ name: 'pressClass' }) as PressClass
  const usual = usualOf(pressClass)
  return (
    <fieldset className="rounded-md border border-line p-3 sm:col-span-2">
      <legend className="px-1 font-bold">{t('shelf.build.title')}</legend>
      <p className="mb-2 text-sm text-ink-soft">{t('shelf.build.text')}</p>
      <PressEffect />
      <ul className="mt-2">
        {pressNumberNames.map((name) => {
          const value = usual[name]
          return value === undefined ? null : <NumberRow key={name} name={name} usual={value} />
        })}
      </ul>
    </fieldset>
  )
}
