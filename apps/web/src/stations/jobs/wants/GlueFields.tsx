import { MOST_SHAPE_LAYERS, shapeHeightMm, type ShapeJoin, shapeJoins } from '@bold-heron/core'
import { useWatch } from 'react-hook-form'
import { useTranslation } from 'react-i18next'
import { useRow } from '../../../data/rows.js'
import { RowPicker } from '../../../drawing/pick/RowPicker.js'
import { useLengths } from '../../../text/lengths.js'
import { Choice } from '../../../ui/Choice.js'
import { Field } from '../../../ui/Field.js'
import { SeverityMark } from '../../../ui/SeverityMark.js'

/** Layers of one cut that are glued up into a shape, and what is raised over it. */
export interface Glued {
  readonly layers: number
  readonly join: ShapeJoin
  readonly shows: 'raised' | 'sunk'
  readonly sheetId: string
}

export const usualGlued: Glued = { layers: 3, join: 'wet-glue', shows: 'raised', sheetId: '' }

const LAYERS = [2, 3, 4, 5, 6] as const

/** What a cut, glued and raised job asks beside the die and the sheet that its layers are cut from. */
export const GlueFields = ({
  glued,
  fault,
  onChange,
}: {
  readonly glued: Glued
  readonly fault: string | undefined
  readonly onChange: (glued: Glued) => void
}) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const cutFrom = useRow('sheets', (useWatch({ name: 'sheetId' }) as string) || undefined).data
  return (
    <fieldset className="mt-4 space-y-3 rounded-lg border border-line p-3">
      <legend className="px-1 font-bold">{t('jobs.glue.title')}</legend>
      <div className="flex flex-wrap items-center gap-x-6 gap-y-3">
        <span className="flex items-center gap-2">
          {t('jobs.glue.layers')}
          <Choice
            label={t('jobs.glue.layers')}
            value={String(glued.layers)}
            onChange={(layers) => onChange({ ...glued, layers: Number(layers) })}
            options={LAYERS.map((count) => ({ value: String(count), text: String(count) }))}
          />
        </span>
        <Choice
          label={t('jobs.glue.join')}
          value={glued.join}
          onChange={(join) => onChange({ ...glued, join })}
          options={shapeJoins.map((join) => ({ value: join, text: t(`words.layerJoin.${join}`) }))}
        />
        <Choice
          label={t('jobs.field.shows')}
          value={glued.shows}
          onChange={(shows) => onChange({ ...glued, shows })}
          options={(['raised', 'sunk'] as const).map((shows) => ({ value: shows, text: t(`words.shows.${shows}`) }))}
        />
      </div>
      <Field label={t('jobs.glue.over')} fault={fault}>
        {(ids) => (
          <RowPicker
            kind="sheets"
            label={t('jobs.glue.over')}
            ids={ids}
            value={glued.sheetId}
            onPick={(sheetId) => onChange({ ...glued, sheetId })}
          />
        )}
      </Field>
      {cutFrom && (
        <p>
          {t('jobs.glue.height', {
            count: glued.layers,
            sheet: lengths.thickness(cutFrom.caliperMm),
            height: lengths.thickness(shapeHeightMm(glued.layers, cutFrom.caliperMm, glued.join)),
          })}{' '}
          {t(`jobs.glue.dries.${glued.join}`)}
        </p>
      )}
      {glued.layers > MOST_SHAPE_LAYERS && (
        <p role="status">
          <SeverityMark severity="caution" /> {t('jobs.glue.many', { count: MOST_SHAPE_LAYERS })}
        </p>
      )}
    </fieldset>
  )
}
