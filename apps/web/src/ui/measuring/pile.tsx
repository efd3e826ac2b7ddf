import { type Averaged, type MeasuredMm } from '@bold-heron/core'
import { useTranslation } from 'react-i18next'
import { useLengths } from '../../text/lengths.js'
import { Button } from '../Button.js'
import { boxClass, Field } from '../Field.js'

const MOST_PIECES = 500

/** How many pieces were typed; 0 for what is no such number. */
export const piecesOf = (typed: string): number => {
  const pieces = /^\d+$/.test(typed.trim()) ? Number(typed) : 0
  return pieces <= MOST_PIECES ? pieces : 0
}

/** How many like pieces lie between the jaws. */
export const PiecesField = ({
  typed,
  onType,
}: {
  readonly typed: string
  readonly onType: (typed: string) => void
}) => {
  const { t } = useTranslation()
  return (
    <Field
      label={t('common.measure.pieces')}
      hint={t('common.measure.piecesHint')}
      fault={piecesOf(typed) > 0 ? undefined : t('common.measure.piecesFault', { most: MOST_PIECES })}
    >
      {(ids) => (
        <input
          {...ids}
          className={boxClass}
          inputMode="numeric"
          value={typed}
          onChange={({ target }) => onType(target.value)}
        />
      )}
    </Field>
  )
}

/** What some readings come to, and the way to take it. */
export const Average = ({
  averaged,
  onTake,
}: {
  readonly averaged: Averaged | undefined
  readonly onTake: (thickness: MeasuredMm) => void
}) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  return (
    <>
      <p aria-live="polite">
        {averaged
          ? t('common.measure.average', {
              thickness: lengths.thickness(averaged.thickness.valueMm),
              spread: averaged.thickness.spreadMm.toFixed(3),
            })
          : t('common.measure.noneYet')}
      </p>
      <Button disabled={!averaged} onClick={() => averaged && onTake(averaged.thickness)}>
        {t('common.measure.take')}
      </Button>
    </>
  )
}
