import type { BuildLayerInput } from '@bold-heron/schema'

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
