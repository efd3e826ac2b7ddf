/** Something that can be seen after a round. */
export interface Look {
  readonly id: string
  /** Whether what was wanted is there, be it with a blemish. */
  readonly isGood: boolean
  /** Whether it is just as it should be, so that nothing more is tried. */
  readonly isAsWanted: boolean
  /** Whether the same sheets may go on. */
  readonly goesOn: boolean
  /** Whether how much of the line hangs, and where, is told with it. */
  readonly tellsHanging: boolean
  /** A word of advice of its own; else what holds for all that falls short, or is spoilt. */
  readonly advises?: 'dented' | 'hung' | 'pad'
}

/** A look that falls short: the same sheets may go on. */
export const fallsShort = <Id extends string>(id: Id) =>
  ({ id, isGood: false, isAsWanted: false, goesOn: true, tellsHanging: false }) as const
/** A look with which a round is done, be it with a blemish. */
export const isDone = <Id extends string>(id: Id, isAsWanted = true) =>
  ({ id, isGood: true, isAsWanted, goesOn: false, tellsHanging: false }) as const
/** A look that shows the sheet spoilt. */
export const isSpoilt = <Id extends string>(id: Id) =>
  ({ id, isGood: false, isAsWanted: false, goesOn: false, tellsHanging: false }) as const
