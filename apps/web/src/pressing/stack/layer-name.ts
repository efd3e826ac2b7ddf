import { type Die, hasBlades, type Layer } from '@bold-heron/core'
import type { TFunction } from 'i18next'

const namesOf = (dies: readonly Die[]): string => dies.map((die) => die.name).join(', ')

/** What a layer is called in lists and drawings. */
export const layerName = (t: TFunction<'app'>, layer: Layer): string => {
  switch (layer.is) {
    case 'plate':
      return layer.plate.name
    case 'sheets':
      return t('plan.stack.sheets', { count: layer.count, name: layer.sheet.name })
    case 'dies':
      return hasBlades(layer.dies)
        ? t('plan.stack.die', { names: namesOf(layer.dies), side: t(`words.bladeSide.${layer.blade}`) })
        : namesOf(layer.dies)
  }
}
