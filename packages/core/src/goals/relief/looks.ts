import { fallsShort, isDone, isSpoilt } from '../look.js'

/** What a look at a raised or sunk shape shows, least first. */
export const reliefLooks = [fallsShort('nothing'), fallsShort('shallow'), isDone('full'), isSpoilt('cracked')] as const
export const reliefSeen = reliefLooks.map(({ id }) => id)
