import type { TFunction } from 'i18next'
import { ProblemError } from '../data/client.js'

/** What went wrong with something that was asked of the server, in a line. */
export const sayTrouble = (t: TFunction<'app'>, error: unknown): string =>
  error instanceof ProblemError ? error.problem.detail : t('common.awayText')
