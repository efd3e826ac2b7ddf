import { FLUSH_WITHIN_MM } from '@bold-heron/core'
import { useWatch } from 'react-hook-form'
import { useTranslation } from 'react-i18next'
import { useRow } from '../../../data/rows.js'
import { RowPicker } from '../../../drawing/pick/RowPicker.js'
import { useLengths } from '../../../text/lengths.js'
import { Field } from '../../../ui/Field.js'
import { Tick } from '../../../ui/form/Tick.js'

/** The sheets of what is let in, and of what masks it. */
export interface Inlaid {
  readonly pieceSheetId: string
  /** Null: nothing masks it. */
  readonly maskSheetId: string | null
}

export const usualInlaid: Inlaid = { pieceSheetId: '', maskSheetId: null }

/** What an inlay asks beside the die and the sheet with the recess, and in which order it is cut. */
export const InlayFields = ({
  inlaid,
  fault,
  onChange,
}: {
  readonly inlaid: Inlaid
  readonly fault: string | undefined
  readonly onChange: (inlaid: Inlaid) => void
}) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const base = useRow('sheets', (useWatch({ name: 'sheetId' }) as string) || undefined).data
  const piece = useRow('sheets', inlaid.pieceSheetId || undefined).data
  const proudMm = base && piece && piece.caliperMm - base.caliperMm
  return (
    <fieldset className="mt-4 space-y-3 rounded-lg border border-line p-3">
      <legend className="px-1 font-bold">{t('jobs.inlay.title')}</legend>
      <Field label={t('jobs.inlay.piece')} fault={fault}>
        {(ids) => (
          <RowPicker
            kind="sheets"
            label={t('jobs.inlay.piece')}
            ids={ids}
            value={inlaid.pieceSheetId}
            onPick={(pieceSheetId) => onChange({ ...inlaid, pieceSheetId })}
          />
        )}
      </Field>
      {proudMm !== undefined && (
        <p>
          {Math.abs(proudMm) <= FLUSH_WITHIN_MM
            ? t('jobs.inlay.flush')
            : t(proudMm > 0 ? 'jobs.inlay.proud' : 'jobs.inlay.deep', { by: lengths.thickness(Math.abs(proudMm)) })}
        </p>
      )}
      <Tick
        checked={inlaid.maskSheetId !== null}
        onChange={() => onChange({ ...inlaid, maskSheetId: inlaid.maskSheetId === null ? '' : null })}
      >
        {t('jobs.inlay.masked')}
      </Tick>
      {inlaid.maskSheetId !== null && (
        <Field label={t('jobs.inlay.mask')}>
          {(ids) => (
            <RowPicker
              kind="sheets"
              label={t('jobs.inlay.mask')}
              ids={ids}
              value={inlaid.maskSheetId ?? ''}
              onPick={(maskSheetId) => onChange({ ...inlaid, maskSheetId })}
            />
          )}
        </Field>
      )}
      <p>{t(inlaid.maskSheetId === null ? 'jobs.inlay.order' : 'jobs.inlay.orderMasked')}</p>
    </fieldset>
  )
}
