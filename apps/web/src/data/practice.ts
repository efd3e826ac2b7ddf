import type { Exercise, ExerciseId, Grade, PlayedRound } from '@bold-heron/core'
import { useQuery } from '@tanstack/react-query'
import { useCallback, useState } from 'react'
import { press } from '../workers/press.js'
import { preference } from './preference.js'

const GRADES_KEY = 'bold-heron.practice.grades'
const seedKey = (id: ExerciseId): string => `bold-heron.practice.seed.${id}`

/** Draws another press to hide in an exercise. */
const drawSeed = (id: ExerciseId): number => {
  const drawn = (crypto.getRandomValues(new Uint32Array(1))[0] as number) >>> 1
  preference.keep(seedKey(id), String(drawn))
  return drawn
}

/** Which press is hidden in an exercise: the same until another is drawn, also when the page is opened anew. */
export const useHiddenPress = (id: ExerciseId) => {
  const [seed, setSeed] = useState(() => {
    const kept = Number(preference.read(seedKey(id)) ?? Number.NaN)
    return Number.isInteger(kept) ? kept : drawSeed(id)
  })
  const redraw = useCallback(() => setSeed(drawSeed(id)), [id])
  return { seed, redraw }
}

/** What the rounds of an attempt did on the hidden press, worked out in the worker. */
export const usePlayed = ({ id, request, bare, faults }: Exercise, seed: number, rounds: readonly PlayedRound[]) =>
  useQuery({
    queryKey: [
      'practice',
      id,
      seed,
      rounds.map(({ stack, passes, freshSheets, remedy, centreShimMm }) => [
        stack.map((layer) => (layer.is === 'plate' ? layer.plate.id : layer.is)),
        passes,
        freshSheets,
        remedy,
        centreShimMm,
      ]),
    ],
    queryFn: () => press().play({ request, bare, faults }, seed, rounds),
    staleTime: Infinity,
    gcTime: 60_000,
    retry: false,
  })

/** The best grade of each exercise so far, in this browser. */
export const gradesSoFar = (): Partial<Record<ExerciseId, Grade>> => {
  try {
    return JSON.parse(preference.read(GRADES_KEY) ?? '{}') as Partial<Record<ExerciseId, Grade>>
  } catch {
    return {}
  }
}

/** Keeps a grade where it is better than the one before. */
export const keepGrade = (id: ExerciseId, grade: Grade): void => {
  const grades = gradesSoFar()
  if (grade === 'open' || grades[id] === 'mastered') return
  preference.keep(GRADES_KEY, JSON.stringify({ ...grades, [id]: grade }))
}
