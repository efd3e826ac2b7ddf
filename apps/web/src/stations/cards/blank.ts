import type { BuildInput, BuildLayerInput } from '@bold-heron/schema'

/** A layer that nothing is said of yet but its sheet. */
export const blankLayer = (id: string, sheetId: string): BuildLayerInput => ({
  id,
  name: '',
  jobId: null,
  sheetId,
  each: 1,
  sheets: 1,
  join: 'wet-glue',
  joinMm: null,
  lies: 'on',
})

/** A name that no layer has yet. */
export const freshLayerId = (layers: readonly BuildLayerInput[]): string => {
  let at = layers.length + 1
  while (layers.some(({ id }) => id === `layer ${at}`)) at++
  return `layer ${at}`
}

/** What a build starts as. */
export const blankBuild: BuildInput = {
  name: '',
  wanted: 12,
  base: 'side-fold',
  frontWidthMm: 105,
  frontHeightMm: 148,
  mostHighMm: null,
  layers: [blankLayer('layer 1', '')],
  note: '',
}
