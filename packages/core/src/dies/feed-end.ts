import { type DieClass, factsOfDieClass } from './classes/list.js'

/** The end of a folder that goes in first. */
export const feedEnds = ['hinge', 'open-edge', 'mark'] as const
export type FeedEnd = (typeof feedEnds)[number]

/** The same as it is entered: one of them, or as is usual for the class. */
export const enteredFeedEnds = ['usual', ...feedEnds] as const

/** The end that goes in first where nobody said: the open edge of a folder that cuts, else the hinge. Common practice, no source. */
export const usualFeedEnd = (dieClass: DieClass): FeedEnd =>
  factsOfDieClass(dieClass).use === 'cutting-folder' ? 'open-edge' : 'hinge'

/** The end that goes in first by what was entered. */
export const feedEndOf = (dieClass: DieClass, entered: (typeof enteredFeedEnds)[number]): FeedEnd =>
  entered === 'usual' ? usualFeedEnd(dieClass) : entered
