import { fallsShort, isDone, isSpoilt } from '../look.js'

/** What a look at a folder's piece shows, least first; where it cuts too, its line may hang. */
export const formedLooks = [
  fallsShort('nothing'),
  fallsShort('patchy'),
  { ...fallsShort('hanging'), tellsHanging: true, advises: 'hung' },
  isDone('formed'),
  isDone('clean'),
  isSpoilt('torn'),
] as const
export type FormedSeen = (typeof formedLooks)[number]['id']
export const formedSeen: readonly FormedSeen[] = formedLooks.map(({ id }) => id)
