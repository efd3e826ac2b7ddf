import type { terms } from '../../text/en/terms.js'

/** Every word of the trade that is explained. */
export type TermId = keyof (typeof terms)['name']

/** In the order in which a stack and a cut come about. */
export const termIds: readonly TermId[] = [
  'stack',
  'platform',
  'spacer',
  'shim',
  'bed',
  'pad',
  'gap',
  'squeeze',
  'window',
  'doubt',
  'pass',
  'feel',
  'hanging',
  'deep-cut',
  'bevel',
  'faces',
  'blade-side',
  'throat',
  'lace',
  'caliper',
  'edge-partial',
  'block',
  'hinge',
  'known-good',
  'only-one',
]
