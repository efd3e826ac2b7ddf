import type { ProblemField } from '@bold-heron/schema'
import { en } from './en/index.js'
import type { Speak } from './speak.js'

const isSentence = (code: string): boolean => Object.hasOwn(en.faults.sentences, code)

/** A field that cannot be taken, in a sentence: where, what was met, what would do. */
export const sayFault = (t: Speak, { path, code, value, limit, values = {} }: ProblemField): string => {
  const { of, what, drawing, ...more } = values
  const told = {
    path,
    value,
    limit,
    ...more,
    ...(what === undefined ? {} : { what: t(`oneThing.${what}`) }),
    ...(drawing === undefined ? {} : { why: t(`drawings.${drawing}`) }),
  }
  if (drawing !== undefined) return t('faults.sentences.drawing-refused', told)
  if (isSentence(code)) return t(`faults.sentences.${code}`, told)
  const key = of === undefined ? code : `${code}_${of}`
  const remedy = Object.hasOwn(en.faults.remedies, key) ? t(`faults.remedies.${key}`, told) : t('faults.unfit')
  const field = path === '' ? t('faults.request') : path
  return value === undefined
    ? t('faults.missing', { path: field, remedy })
    : t('faults.met', { path: field, value: JSON.stringify(value), remedy })
}
