import { useEveryRow } from '../../../data/rows.js'
import { DieThumb } from '../../../drawing/DieThumb.js'
import { PlateSection } from '../../../drawing/PlateSection.js'
import { SheetSwatch } from '../../../drawing/SheetSwatch.js'
import { layerName } from '../../../pressing/stack/layer-name.js'
import { useTranslation } from 'react-i18next'
import type { ShownStep } from '../steps/step.js'

/** Everything that has to be on the table, as it looks, the way it is going to lie. */
export const CheckPicture: ShownStep<'check'> = ({ stack }) => {
  const { t } = useTranslation()
  const dies = useEveryRow('dies', { retired: 'all' }).data ?? []
  const sheets = useEveryRow('sheets', { retired: 'all' }).data ?? []
  return (
    <ol className="text-base">
      {[...stack].reverse().map((layer, at) => {
        const sheet = layer.is === 'sheets' && sheets.find(({ id }) => id === layer.sheet.id)
        return (
          <li key={at} className="flex items-center gap-3 border-b border-line py-1 last:border-b-0">
            {layer.is === 'plate' && (
              <PlateSection plate={{ kind: layer.plate.kind, thicknessMm: layer.plate.thickness.valueMm }} />
            )}
            {layer.is === 'dies' &&
              dies
                .filter(({ id }) => layer.dies.some((die) => die.id === id))
                .map((die) => <DieThumb key={die.id} die={die} />)}
            {sheet && <SheetSwatch sheet={sheet} />}
            {layerName(t, layer)}
          </li>
        )
      })}
    </ol>
  )
}
