import { type BuildLayer, ORDINARY_CARD_MM } from '@bold-heron/core'
import { type BuildInput, type SheetRow, toSheet } from '@bold-heron/schema'

/** The layers of a build as they lie on one another, with what their sheets measure. */
export const layersOf = (
  build: Pick<BuildInput, 'layers'>,
  sheets: ReadonlyMap<string, SheetRow>,
  unnamed: (at: number) => string,
): BuildLayer[] =>
  build.layers.map((layer, at) => {
    const sheet = sheets.get(layer.sheetId)
    return {
      id: layer.id,
      name: layer.name || sheet?.name || unnamed(at),
      caliperMm: sheet ? toSheet(sheet).caliper.valueMm : ORDINARY_CARD_MM,
      sheets: layer.sheets,
      join: layer.join,
      joinMm: layer.joinMm,
      lies: layer.lies,
    }
  })
