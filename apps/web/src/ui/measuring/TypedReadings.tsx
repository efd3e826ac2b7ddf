import { averagedReadings, type MeasuredMm } from '@bold-heron/core'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { useLengths } from '../../text/lengths.js'
import { length } from '../form/codec.js'
import { boxClass, Field } from '../Field.js'
import { Average, PiecesField, piecesOf } from './pile.js'

const thickness = length('thickness')

/** Readings that are typed as a caliper shows them: their mean, and how sure it is. */
export const TypedReadings = ({ onTake }: { readonly onTake: (thickness: MeasuredMm) => void }) => {
  const { t } = useTranslation()
  const { style } = useLengths()
  const [pieces, setPieces] = useState('1')
  const [typed, setTyped] = useState<readonly string[]>(['', '', ''])
  const read = typed.map((each) => (each.trim() === '' ? undefined : thickness.read(each, style)))
  const readings = read.flatMap((each) => (each?.ok ? [each.value] : []))
  return (
    <div className="space-y-3">
      <PiecesField typed={pieces} onType={setPieces} />
      <div className="grid gap-2 sm:grid-cols-3">
        {typed.map((text, at) => (
          <Field
            key={at}
            label={t('common.measure.reading', { number: at + 1 })}
            fault={read[at]?.ok === false ? t('common.measure.notRead') : undefined}
          >
            {(ids) => (
              <input
                {...ids}
                className={boxClass}
                inputMode="decimal"
                value={text}
                onChange={({ target }) => setTyped(typed.with(at, target.value))}
              />
            )}
          </Field>
        ))}
      </div>
      <Average averaged={averagedReadings(readings, piecesOf(pieces))} onTake={onTake} />
    </div>
  )
}
