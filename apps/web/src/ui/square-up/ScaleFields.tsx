import { useTranslation } from 'react-i18next'
import { Choice } from '../Choice.js'
import { boxClass, Field } from '../Field.js'
import { LengthInput } from '../form/LengthInput.js'
import { type KnownSheet, knownSheets, type SquareUp } from './use-square-up.js'

/** What gives the picture its scale. */
export const ScaleFields = ({ squaring }: { readonly squaring: SquareUp }) => {
  const { t } = useTranslation()
  const { by, sheet, own, lies, lengthMm } = squaring
  const sheets: readonly KnownSheet[] = [...(Object.keys(knownSheets) as (keyof typeof knownSheets)[]), 'own']
  return (
    <div className="flex flex-wrap items-end gap-3">
      <Choice
        label={t('trace.scale')}
        value={by}
        options={(['sheet', 'ruler'] as const).map((each) => ({ value: each, text: t(`trace.scaleBy.${each}`) }))}
        onChange={squaring.setBy}
      />
      {by === 'sheet' ? (
        <>
          <Field label={t('trace.sheet')} className="gap-0.5">
            {(ids) => (
              <select
                {...ids}
                className={boxClass}
                value={sheet}
                onChange={(event) => squaring.setSheet(event.target.value as KnownSheet)}
              >
                {sheets.map((each) => (
                  <option key={each} value={each}>
                    {t(`trace.sheets.${each}`)}
                  </option>
                ))}
              </select>
            )}
          </Field>
          {sheet === 'own' ? (
            <>
              <LengthInput
                label={t('place.things.width')}
                mm={own.widthMm}
                leastMm={5}
                onChange={(widthMm) => squaring.setOwn({ ...own, widthMm })}
              />
              <LengthInput
                label={t('place.things.height')}
                mm={own.heightMm}
                leastMm={5}
                onChange={(heightMm) => squaring.setOwn({ ...own, heightMm })}
              />
            </>
          ) : (
            <Choice
              label={t('trace.lies')}
              value={lies}
              options={(['upright', 'across'] as const).map((each) => ({
                value: each,
                text: t(`trace.liesWays.${each}`),
              }))}
              onChange={squaring.setLies}
            />
          )}
        </>
      ) : (
        <LengthInput label={t('trace.length')} mm={lengthMm} leastMm={1} onChange={squaring.setLengthMm} />
      )}
    </div>
  )
}
