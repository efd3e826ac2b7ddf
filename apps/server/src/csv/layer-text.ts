import type { RunLayer } from '@bold-heron/schema'

const marks = { plate: '', dies: '[die] ', sheets: '[sheet] ' } as const

const escaped = (name: string): string => name.replace(/[\\|@[]/g, '\\$&')

/** A run's layers in one cell, bottom to top: `Board platform @ 9.5 | Clear pad @ 3.02 | [sheet] Ivory card @ 0.32 | …`. */
export const writeLayers = (layers: readonly RunLayer[]): string =>
  layers.map((layer) => `${marks[layer.is]}${escaped(layer.name)} @ ${layer.thicknessMm}`).join(' | ')

export interface NamedLayer {
  readonly is: RunLayer['is']
  readonly name: string
  readonly thicknessMm: number
}

/** Reads what `writeLayers` writes; undefined where a layer cannot be read. */
export const readLayers = (text: string): NamedLayer[] | undefined => {
  const layers: NamedLayer[] = []
  for (const part of text.split(/(?<!\\)\|/)) {
    const match = /^\s*(\[die\] |\[sheet\] )?((?:\\.|[^\\@])+?)\s*@\s*(\d+(?:\.\d+)?)(?: mm)?\s*$/.exec(part)
    if (!match) return undefined
    const [, mark, name = '', thickness] = match
    layers.push({
      is: mark === '[die] ' ? 'dies' : mark === '[sheet] ' ? 'sheets' : 'plate',
      name: name.replace(/\\(.)/g, '$1').trim(),
      thicknessMm: Number(thickness),
    })
  }
  return layers
}
