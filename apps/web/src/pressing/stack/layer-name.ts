import type { Layer } from '@bold-heron/core'
import type { TFunction } from 'i18next'

/** What a layer is called in lists and drawings. */
export const layerName = (t: TFunction<'app'>, layer: Layer): string => {
  switch (layer.is) {
    case 'plate':
      return layer.plate.name
    case 'sheets':
      return t('plan.stack.sheets', { count: layer.count, name: layer.sheet.name })
    case 'dies':
      return t('plan.stack.die', {
        names: layer.dies.map((die) => die.name).join(', '),
        side: t(`words.bladeSide.${layer.blade}`),
      })
  }
}
