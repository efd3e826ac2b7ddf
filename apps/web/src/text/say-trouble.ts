import { sayProblem, speak } from '@bold-heron/words'
import i18next, { type TFunction } from 'i18next'
import { MisreadError, ProblemError } from '../data/client.js'
import { NotSaved } from '../data/whose-work.js'

/** What went wrong with something that was asked of the server, in a line. */
export const sayTrouble = (t: TFunction<'app'>, error: unknown): string => {
  if (error instanceof ProblemError) return sayProblem(speak(i18next.language), error.problem)
  if (error instanceof NotSaved) return t(error.theirs ? 'common.theirsKept' : 'common.nothingSaved')
  return t(error instanceof MisreadError ? 'common.misreadText' : 'common.awayText')
}
