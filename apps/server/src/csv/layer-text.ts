import { type Role, roles } from '@bold-heron/core'
import type { RunLayer } from '@bold-heron/schema'

const marks = { plate: '', dies: '[die] ', sheets: '[sheet] ' } as const

const escaped = (name: string): string => name.replace(/[\\|@[]/g, '\\$&')

/** A run's layers in one cell, bottom to top: `Board @ 9.5 as platform | Clear pad @ 3.02 as bed | [sheet] Ivory card @ 0.32 | …`. */
export const writeLayers = (layers: readonly RunLayer[]): string =>
  layers
    .map(
      ({ is, name, thicknessMm, role }) => `${marks[is]}${escaped(name)} @ ${thicknessMm}${role ? ` as ${role}` : ''}`,
    )
    .join(' | ')

export interface NamedLayer {
  readonly is: RunLayer['is']
  readonly name: string
  readonly thicknessMm: number
  /** Null where the table does not say it. */
  readonly role: Role | null
}

/** Reads what `writeLayers` writes; undefined where a layer cannot be read. */
export const readLayers = (text: string): NamedLayer[] | undefined => {
  const layers: NamedLayer[] = []
  for (const part of text.split(/(?<!\\)\|/)) {
    const match =
      /^\s*(\[die\] |\[sheet\] )?((?:\\.|[^\\@])+?)\s*@\s*(\d+(?:\.\d+)?)(?: mm)?(?: as ([a-z-]+))?\s*$/.exec(part)
    if (!match) return undefined
    const [, mark, name = '', thickness, as] = match
    const role = roles.find((each) => each === as) ?? null
    if (as !== undefined && role === null) return undefined
    layers.push({
      is: mark === '[die] ' ? 'dies' : mark === '[sheet] ' ? 'sheets' : 'plate',
      name: name.replace(/\\(.)/g, '$1').trim(),
      thicknessMm: Number(thickness),
      role,
    })
  }
  return layers
}
