import { type StartKind, startKinds } from '../placement/starts/list.js'
import { type TechniqueId, techniqueIds } from './list.js'

/** What somebody wants who begins a job, by name. */
export type WantId =
  | 'whole'
  | StartKind
  | Exclude<TechniqueId, 'cut'>
  | 'cut-crease'
  | 'cut-form'
  | 'cut-glue-raise'
  | 'pair'
  | 'inlay'
  | 'border'

/** What may be wanted of a job: its technique, how its card is begun in Place where it is laid out, and what is done after it. */
export interface Want {
  readonly id: WantId
  readonly technique: TechniqueId
  readonly start?: StartKind | 'border'
  /** A second press run of each piece. */
  readonly then?: TechniqueId
}

/** In the order they are offered: cuts, whole or laid out on a card; what does not cut; and one after the other. */
export const wants: readonly Want[] = [
  { id: 'whole', technique: 'cut' },
  ...startKinds.map((start): Want => ({ id: start, technique: 'cut', start })),
  { id: 'border', technique: 'cut', start: 'border' },
  ...techniqueIds.flatMap((technique): Want[] => (technique === 'cut' ? [] : [{ id: technique, technique }])),
  { id: 'cut-crease', technique: 'cut', then: 'crease' },
  { id: 'cut-form', technique: 'cut', then: 'folder' },
  { id: 'cut-glue-raise', technique: 'cut', then: 'raise' },
  // A base and what lies over it, in every mix of their sheets.
  { id: 'pair', technique: 'cut' },
  // A recess and the piece that is let into it, from one die.
  { id: 'inlay', technique: 'cut' },
]
