/** Every finding a technique can report. A new one needs a sentence in each language; the type keeps that so. */
export const findingCodes = [
  'blade-on-bare-plate',
  'blade-on-silicone',
  'blade-meets-roller',
  'blade-misses-sheet',
  'hard-plate-under-long-frame',
  'hard-plate-under-outline',
  'hard-plate-with-magnet',
  'bed-not-for-class',
  'die-wider-than-throat',
  'plate-wider-than-throat',
  'die-longer-than-pad',
  'die-wider-than-pad',
  'die-over-bevel',
  'dies-differ-in-height',
  'too-many-sheets',
  'no-fresh-face',
  'face-lined',
  'die-not-for-foam',
  'unusual-order',
] as const
export type FindingCode = (typeof findingCodes)[number]
