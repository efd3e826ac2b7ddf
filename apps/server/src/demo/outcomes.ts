import { type Assessment, type RandomSource, randomInteger, randomItem } from '@bold-heron/core'
import type { RunInput } from '@bold-heron/schema'

type Round = RunInput['rounds'][number]

/** Invents what was seen after a run with this stack: the nearer the window's middle, the likelier clean. */
export const inventRounds = (assessment: Assessment, offMm: number, random: RandomSource): Round[] => {
  const passes = assessment.passes.passes
  const luck = random() * 0.16 - 0.08 - offMm
  const feel = luck < -0.1 ? 'hard' : luck < 0.03 ? 'firm' : 'light'
  if (luck > 0.07)
    return [
      {
        passes,
        seen: 'hanging',
        hangingShare: randomInteger(random, 2, 30) / 100,
        hangingPlace: randomItem(random, ['ends', 'middle', 'one-side', 'one-spot']),
        feel: 'light',
      },
      { passes: 1, seen: 'clean', hangingShare: null, hangingPlace: null, feel: 'light' },
    ]
  if (luck < -0.12) return [{ passes, seen: 'cut-into-pad', hangingShare: null, hangingPlace: null, feel: 'hard' }]
  return [{ passes, seen: 'clean', hangingShare: null, hangingPlace: null, feel }]
}
