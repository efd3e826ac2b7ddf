import type { Polyline } from '../geometry/polyline.js'

/** What a line of a template is for; each is drawn in a stroke of its own and named in words. */
export const templateParts = [
  'card',
  'score',
  'die',
  'uncut',
  'pencil',
  'pad',
  'block',
  'guide',
  'knife',
  'motif',
] as const
export type TemplatePart = (typeof templateParts)[number]

export interface TemplateLine {
  readonly part: TemplatePart
  readonly line: Polyline
}
