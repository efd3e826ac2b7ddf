import { fallsShort, isDone, isSpoilt } from '../look.js'

/** What a look at a crease shows, least first. */
export const creaseLooks = [
  fallsShort('nothing'),
  fallsShort('faint'),
  isDone('good'),
  isDone('deep'),
  isSpoilt('cut-through'),
  isSpoilt('mat-cut'),
] as const
export type CreaseSeen = (typeof creaseLooks)[number]['id']
export const creaseSeen: readonly CreaseSeen[] = creaseLooks.map(({ id }) => id)
