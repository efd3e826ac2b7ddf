import type { TFunction } from 'i18next'
import { MisreadError, ProblemError } from '../data/client.js'

/** What went wrong with something that was asked of the server, in a line. */
export const sayTrouble = (t: TFunction<'app'>, error: unknown): string => {
  if (error instanceof ProblemError) return error.problem.detail
  return t(error instanceof MisreadError ? 'common.misreadText' : 'common.awayText')
}
