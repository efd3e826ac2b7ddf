import type { Goal } from '../goal.js'
import { formedLooks } from './looks.js'

/** A folder's pattern formed all over, nothing torn; and cut where it cuts. */
export const formed = {
  id: 'formed',
  looks: formedLooks,
} as const satisfies Goal
