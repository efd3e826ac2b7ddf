import { preference } from './preference.js'

const MOST_KEPT = 8
const keyOf = (kind: string): string => `bold-heron.recent.${kind}`

/** Ids of a kind that were picked lately in this browser, the last one first. */
export const recentOf = (kind: string): string[] => (preference.read(keyOf(kind)) ?? '').split(' ').filter(Boolean)

/** Notes that something was picked. */
export const notePicked = (kind: string, id: string): void =>
  preference.keep(keyOf(kind), [id, ...recentOf(kind).filter((each) => each !== id)].slice(0, MOST_KEPT).join(' '))
