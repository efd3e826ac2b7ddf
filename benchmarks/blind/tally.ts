import { MOST_ROUNDS, type TrialResult } from './trial.js'

export const mean = (values: readonly number[]): number => values.reduce((sum, value) => sum + value, 0) / values.length

/** Rounds until success, on average: who gives up has not come there, and counts as having tried for as long as anybody does. */
export const roundsOf = (results: readonly TrialResult[]): number =>
  mean(results.map((each) => (each.solved ? each.rounds.length : MOST_ROUNDS)))

export const unsolvedOf = (results: readonly TrialResult[]): number => results.filter((each) => !each.solved).length

/** How many of something there were, as a share of all rounds in per cent. */
export const shareOfRounds = (results: readonly TrialResult[], count: (each: TrialResult) => number): number => {
  const all = results.reduce((sum, each) => sum + each.rounds.length, 0)
  return (100 * results.reduce((sum, each) => sum + count(each), 0)) / all
}
