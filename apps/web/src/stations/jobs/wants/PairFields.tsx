import { factsOfJoin, hasBlades, type LayerJoin, layerJoins } from '@bold-heron/core'
import { useWatch } from 'react-hook-form'
import { useTranslation } from 'react-i18next'
import { useEveryRow } from '../../../data/rows.js'
import { RowPicker } from '../../../drawing/pick/RowPicker.js'
import { useLengths } from '../../../text/lengths.js'
import { boxClass, Field } from '../../../ui/Field.js'
import { SheetList } from './SheetList.js'

/** What lies over a base, and the sheets of both; the first base sheet is the job's own. */
export interface Pairing {
  /** Null: the die that is noted to lie over the base. */
  readonly overDieId: string | null
  readonly moreBaseSheetIds: readonly string[]
  readonly overSheetIds: readonly string[]
  readonly join: LayerJoin
}

export const usualPairing: Pairing = { overDieId: null, moreBaseSheetIds: [], overSheetIds: [''], join: 'wet-glue' }

/** The die that lies over another, where one is noted to. */
export const useOverDie = (baseDieId: string | undefined): string =>
  useEveryRow('dies').data?.find(({ overDieId }) => overDieId !== null && overDieId === baseDieId)?.id ?? ''

/** What a pair asks beside its base: what lies over it, of which sheets, and how it is joined. */
export const PairFields = ({
  pairing,
  fault,
  onChange,
}: {
  readonly pairing: Pairing
  readonly fault: string | undefined
  readonly onChange: (pairing: Pairing) => void
}) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const [dieIds, each] = useWatch({ name: ['dieIds', 'wanted'] }) as [readonly string[], string]
  const over = useOverDie(dieIds[0])
  const bases = 1 + pairing.moreBaseSheetIds.length
  const overs = pairing.overSheetIds.length
  return (
    <fieldset className="mt-4 space-y-3 rounded-lg border border-line p-3">
      <legend className="px-1 font-bold">{t('jobs.pair.title')}</legend>
      <Field label={t('jobs.pair.over')} fault={fault}>
        {(ids) => (
          <RowPicker
            kind="dies"
            label={t('jobs.pair.over')}
            ids={ids}
            value={pairing.overDieId ?? over}
            among={({ dieClass }) => hasBlades([{ dieClass }])}
            onPick={(overDieId) => onChange({ ...pairing, overDieId })}
          />
        )}
      </Field>
      <SheetList
        label={t('jobs.pair.overSheet')}
        more={t('jobs.pair.moreOver')}
        ids={pairing.overSheetIds}
        least={1}
        onChange={(overSheetIds) => onChange({ ...pairing, overSheetIds })}
      />
      <SheetList
        label={t('jobs.pair.baseSheet')}
        more={t('jobs.pair.moreBase')}
        ids={pairing.moreBaseSheetIds}
        least={0}
        onChange={(moreBaseSheetIds) => onChange({ ...pairing, moreBaseSheetIds })}
      />
      <Field
        label={t('jobs.pair.join')}
        hint={t('jobs.pair.joinHint', { height: lengths.thickness(factsOfJoin(pairing.join).heightMm) })}
      >
        {(ids) => (
          <select
            {...ids}
            className={boxClass}
            value={pairing.join}
            onChange={(event) => onChange({ ...pairing, join: event.target.value as LayerJoin })}
          >
            {layerJoins.map((join) => (
              <option key={join} value={join}>
                {t(`words.layerJoin.${join}`)}
              </option>
            ))}
          </select>
        )}
      </Field>
      {Number(each) > 0 && (
        <p>
          {t('jobs.pair.sum', {
            count: bases * overs,
            each,
            bases: Number(each) * overs,
            overs: Number(each) * bases,
          })}
        </p>
      )}
    </fieldset>
  )
}
