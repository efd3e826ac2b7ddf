import type { PassSchool } from './house-rules.js'
import type { Press } from '../press/press.js'

/** A press as a house uses it: one that always goes there and back tells less by the passes of its known stacks. */
export const asUsedIn = (press: Press, passes: PassSchool | undefined): Press =>
  passes === 'there-and-back' ? { ...press, alwaysBack: true } : press
