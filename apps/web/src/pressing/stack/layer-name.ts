import { type Die, hasBlades, type Layer, type Sheet } from '@bold-heron/core'
import type { TFunction } from 'i18next'

const namesOf = (dies: readonly Die[]): string => dies.map((die) => die.name).join(', ')

/** A sheet with what goes through the press with it: "Silver foil + folded". */
const nameOfSheet = (t: TFunction<'app'>, { name, parts = [] }: Sheet): string =>
  [name, ...parts.flatMap(({ part }) => (part === 'sheet' ? [] : t(`words.sheetPart.${part}`)))].join(' + ')

/** What a layer is called in lists and drawings. */
export const layerName = (t: TFunction<'app'>, layer: Layer): string => {
  switch (layer.is) {
    case 'plate':
      return layer.plate.name
    case 'sheets':
      return t('plan.stack.sheets', { count: layer.count, name: nameOfSheet(t, layer.sheet) })
    case 'dies':
      return hasBlades(layer.dies)
        ? t('plan.stack.die', { names: namesOf(layer.dies), side: t(`words.bladeSide.${layer.blade}`) })
        : namesOf(layer.dies)
  }
}
