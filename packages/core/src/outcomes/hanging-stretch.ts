/** A stretch of a die's cutting line that hung, as it was pointed out: mm from the first point of one of its lines. */
export interface HangingStretch {
  readonly dieId: string
  /** Which of the die's lines, from 0 in their order. */
  readonly line: number
  readonly fromMm: number
  readonly toMm: number
}
