/** Coordinates whose work is some milliseconds. From memory. */
const FEW_NUMBERS = 4000

/** Whether lines are short enough to be worked on at once: a thread would take longer to be handed them. */
export const isShort = (lines: readonly ArrayLike<number>[]): boolean =>
  lines.reduce((sum, line) => sum + line.length, 0) <= FEW_NUMBERS
