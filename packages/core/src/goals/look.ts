/** Something that can be seen after a round. */
export interface Look {
  readonly id: string
  /** Whether what was wanted is there, be it with a blemish. */
  readonly isGood: boolean
  /** Whether how much of the line hangs, and where, is told with it. */
  readonly tellsHanging: boolean
}

/** A look that falls short: the same sheets may go on. */
export const fallsShort = <Id extends string>(id: Id) => ({ id, isGood: false, tellsHanging: false }) as const
/** A look with which a round is done. */
export const isDone = <Id extends string>(id: Id) => ({ id, isGood: true, tellsHanging: false }) as const
