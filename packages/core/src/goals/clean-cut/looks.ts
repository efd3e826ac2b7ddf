import { fallsShort, isDone } from '../look.js'

/** What a look at a cut shows, least cut first. */
export const cutLooks = [
  { ...fallsShort('untouched'), advises: 'dented' },
  { ...fallsShort('dented'), advises: 'dented' },
  { ...fallsShort('hanging'), tellsHanging: true, advises: 'hung' },
  isDone('clean'),
  { ...isDone('cut-into-pad', false), advises: 'pad' },
] as const
export type CutSeen = (typeof cutLooks)[number]['id']

export const cutSeen: readonly CutSeen[] = cutLooks.map(({ id }) => id)
