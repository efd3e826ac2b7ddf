import type { BaseKind, BuildLayer } from '@bold-heron/core'
import type { BuildInput } from '@bold-heron/schema'
import { blankLayer } from './blank.js'

/** What a layer of a start is; its name is the page's to say. */
export type StartLayer = 'base' | 'mat' | 'piece' | 'front' | 'frame' | 'film'

interface Start {
  readonly base: BaseKind
  /** From the base up. */
  readonly layers: readonly (Pick<BuildLayer, 'join' | 'lies'> & { readonly is: StartLayer })[]
}

const base = { is: 'base', join: 'wet-glue', lies: 'on' } as const
const mat = { is: 'mat', join: 'tape', lies: 'on' } as const
const piece = { is: 'piece', join: 'wet-glue', lies: 'on' } as const
const film = { is: 'film', join: 'tape', lies: 'behind' } as const

/** The cards that most begin with. Common practice, no source. */
const buildStarts = {
  flat: { base: 'panel', layers: [base, piece] },
  folded: { base: 'side-fold', layers: [base, mat, piece] },
  // What rattles lies on the mat, under a frame that stands on foam all round.
  shaker: { base: 'side-fold', layers: [base, mat, { is: 'frame', join: 'foam-pad', lies: 'on' }, film] },
  window: {
    base: 'side-fold',
    layers: [base, { is: 'front', join: 'tape', lies: 'on' }, film, { is: 'frame', join: 'wet-glue', lies: 'on' }],
  },
} as const satisfies Readonly<Record<string, Start>>
export type BuildStart = keyof typeof buildStarts

export const buildStartIds = Object.keys(buildStarts) as BuildStart[]
export const isBuildStart = (id: string | null): id is BuildStart => id !== null && id in buildStarts

/** A build as it starts; every layer's sheet is still to be picked. */
export const buildOfStart = (id: BuildStart, sayLayer: (layer: StartLayer) => string): BuildInput => {
  const { base: kind, layers }: Start = buildStarts[id]
  return {
    name: '',
    wanted: 12,
    base: kind,
    frontWidthMm: 105,
    frontHeightMm: 148,
    mostHighMm: null,
    layers: layers.map(({ is, ...how }, at) => ({ ...blankLayer(`layer ${at + 1}`, ''), name: sayLayer(is), ...how })),
    note: '',
  }
}
