import type { ProblemCode, ProblemField } from '@bold-heron/schema'
import { sayFault } from './say-fault.js'
import type { Speak } from './speak.js'

/** What went wrong with a request, in a sentence; every bad field in one of its own. */
export const sayProblem = (
  t: Speak,
  {
    code,
    values = {},
    errors = [],
  }: {
    readonly code: ProblemCode
    readonly values?: Readonly<Record<string, string | number>> | undefined
    readonly errors?: readonly ProblemField[] | undefined
  },
): string => {
  if (code === 'fields' && errors.length > 0) return errors.map((error) => sayFault(t, error)).join(' ')
  const { one, ...more } = values
  return t(`problems.${code}`, one === undefined ? more : { ...more, one: t(`things.${one}`) })
}
