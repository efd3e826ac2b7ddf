/** Everything that may have gone wrong, by name: the names alone, which pages read without what is computed of them. */
export const causeIds = [
  'gap',
  'sheet-harder',
  'die-difficult',
  'wrong-layer',
  'leaf-open',
  'die-upside-down',
  'off-centre',
  'middle-low',
  'edge-parallel',
  'scored-spot',
  'blunt-stretch',
  'pad-bowed',
  'die-lower',
  'too-many-sheets',
  'too-fast',
  'let-go',
  'mat-hard',
  'mat-thick',
  'mat-cut',
  'glue-wet',
  'mirrored-wrong',
  'shape-thick',
  'folder-wrong-end',
  'folder-bowed',
  'metal-side-down',
  'plate-cool',
  'foil-dull-side',
  'lifted-too-soon',
] as const
export type CauseId = (typeof causeIds)[number]

/** What is done about everything at once, whatever the cause is. */
const generalRemedyIds = ['once-more', 'tighter', 'looser', 'centre-shim', 'another-stack'] as const
export type GeneralRemedyId = (typeof generalRemedyIds)[number]

/** A general remedy, or the cause that it is against. */
export type RemedyId = GeneralRemedyId | CauseId
export const remedyIds: readonly RemedyId[] = [...generalRemedyIds, ...causeIds]
