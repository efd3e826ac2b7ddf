import type { Layer, Stack } from '@bold-heron/core'
import type { TFunction } from 'i18next'

/** How the pad that the blade lands on had best lie, in words; undefined for anything whose lie does not matter. */
export const sayLie = (t: TFunction<'app'>, layer: Layer): string | undefined => {
  if (layer.is !== 'plate' || layer.role !== 'bed' || !layer.plate.lie) return undefined
  const { face, turned } = layer.plate.lie
  return t(turned ? 'plan.lie.turned' : 'plan.lie.plain', { face: t(`shelf.wear.face.${face}`) })
}

/** The pads of a stack that had better not lie as they always do, once each. */
export const turnedPads = (t: TFunction<'app'>, stack: Stack): { readonly name: string; readonly lie: string }[] => {
  const found = new Map<string, string>()
  for (const layer of stack) {
    const lie = sayLie(t, layer)
    if (layer.is !== 'plate' || lie === undefined) continue
    if (layer.plate.lie?.face === 'b' || layer.plate.lie?.turned) found.set(layer.plate.name, lie)
  }
  return [...found].map(([name, lie]) => ({ name, lie }))
}
