import { fallsShort, isDone, isSpoilt } from '../look.js'

/** What a look at a line of foil shows, least first. */
export const foilLooks = [
  fallsShort('nothing'),
  fallsShort('broken-line'),
  isDone('even-line'),
  isSpoilt('smudged'),
] as const
export type FoilSeen = (typeof foilLooks)[number]['id']
export const foilSeen: readonly FoilSeen[] = foilLooks.map(({ id }) => id)
