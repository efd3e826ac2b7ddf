/**
 * What may be asked at the Bench where asking gains more than trying: each can be answered with yes or no. The number is how often yes is
 * said though none of the causes that speak of it is at work. From memory.
 */
export const questions = {
  'stack-otherwise': 0.04,
  'leaf-open': 0.02,
  'blades-away': 0.02,
  'over-an-edge': 0.08,
  'others-hang-there': 0.1,
  'pad-scored-there': 0.15,
  'pad-lifts': 0.1,
  'same-place-before': 0.1,
  'die-lower': 0.06,
  'sheets-stuck': 0.02,
  'cranked-fast': 0.12,
  'second-line': 0.03,
  'other-dies-too': 0.25,
  'other-sheet-does': 0.15,
  'hardest-at-edge': 0.15,
  'mat-hardened': 0.1,
  'mat-measured': 0.06,
  'mat-has-cuts': 0.1,
  'glue-soft': 0.04,
  'motif-mirrored': 0.03,
  'shape-higher': 0.06,
  'other-end-first': 0.04,
  'folder-bent': 0.06,
  'other-side-up': 0.04,
  'plate-cool': 0.1,
  'dull-side': 0.04,
  'lifted-warm': 0.1,
} as const
export type QuestionId = keyof typeof questions
export const questionIds = Object.keys(questions) as QuestionId[]

/** What was answered; null where nobody could tell, which says nothing and is not asked again. */
export type Answers = Readonly<Partial<Record<QuestionId, boolean | null>>>
