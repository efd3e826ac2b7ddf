import { fallsShort, isDone, isSpoilt } from '../look.js'

/** What a look at a raised or sunk shape shows, least first. */
export const reliefLooks = [fallsShort('nothing'), fallsShort('shallow'), isDone('full'), isSpoilt('cracked')] as const
export type ReliefSeen = (typeof reliefLooks)[number]['id']
export const reliefSeen: readonly ReliefSeen[] = reliefLooks.map(({ id }) => id)
