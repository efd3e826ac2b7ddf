import { factsOfJoin, shapeHeightMm } from '@bold-heron/core'
import { useState } from 'react'
import { useFormContext } from 'react-hook-form'
import { useTranslation } from 'react-i18next'
import { useEveryRow } from '../../../data/rows.js'
import { RowPicker } from '../../../drawing/pick/RowPicker.js'
import { useLengths } from '../../../text/lengths.js'
import { Button } from '../../../ui/Button.js'
import { Choice } from '../../../ui/Choice.js'
import { length } from '../../../ui/form/codec.js'

const LAYERS = ['1', '2', '3', '4', '5'] as const
const USUAL = '3'
const thickness = length('thickness')

/** How high a shape is that is glued up of so many layers of a card: worked out, and taken over into the form. */
export const LayersOfShape = () => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const { setValue } = useFormContext()
  const [layers, setLayers] = useState<(typeof LAYERS)[number]>(USUAL)
  const [sheetId, setSheetId] = useState('')
  const sheet = useEveryRow('sheets').data?.find(({ id }) => id === sheetId)
  const heightMm = sheet && shapeHeightMm(Number(layers), sheet.caliperMm)
  const take = (mm: number) => {
    const written = thickness.write(mm, lengths.style)
    for (const name of ['heightMm', 'bladeHeightMm'])
      setValue(name, written, { shouldDirty: true, shouldTouch: true, shouldValidate: true })
    setValue('heightMeasuredBy', 'table', { shouldDirty: true })
  }
  return (
    <fieldset className="flex flex-wrap items-center gap-3 sm:col-span-2">
      <legend className="mb-1 font-bold">{t('shelf.layers.title')}</legend>
      <Choice
        tall
        label={t('shelf.layers.count')}
        value={layers}
        onChange={setLayers}
        options={LAYERS.map((value) => ({ value, text: value }))}
      />
      <RowPicker
        kind="sheets"
        look="line"
        label={t('shelf.layers.sheet')}
        blank={t('shelf.layers.sheet')}
        value={sheetId}
        onPick={setSheetId}
      />
      {heightMm !== undefined && (
        <>
          <span>
            {t('shelf.layers.sum', {
              layers,
              sheet: lengths.thickness(sheet?.caliperMm ?? 0),
              glue: lengths.thickness(factsOfJoin('wet-glue').heightMm),
              height: lengths.thickness(heightMm),
            })}
          </span>
          <Button onClick={() => take(heightMm)}>{t('shelf.layers.take')}</Button>
        </>
      )}
    </fieldset>
  )
}
