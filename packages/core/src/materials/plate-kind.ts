/** Kinds of piece that lie on the shelf and go into stacks. */
export const plateKinds = [
  'platform',
  'spacer',
  'cutting-pad',
  'hard-plate',
  'soft-mat',
  'embossing-mat',
  'impression-pad',
  'shim',
  'press-block',
  'heated-plate',
  'foil',
] as const
export type PlateKind = (typeof plateKinds)[number]
