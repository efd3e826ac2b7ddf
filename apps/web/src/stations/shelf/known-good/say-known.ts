import { MOST_KNOWN_PASSES } from '@bold-heron/core'
import type { KnownGoodStackRow } from '@bold-heron/schema'
import type { TFunction } from 'i18next'
import type { Lengths } from '../../../text/lengths.js'

/** What a known stack is for, and in how many passes it does it, where that is known. */
const sayKnownFor = (
  t: TFunction<'app'>,
  { technique, passes }: Pick<KnownGoodStackRow, 'technique' | 'passes'>,
): string => {
  const what = t(`words.technique.${technique}`)
  if (passes === null) return what
  const isMore = passes >= MOST_KNOWN_PASSES
  return t(isMore ? 'shelf.known.inMorePasses' : 'shelf.known.inPasses', { what, count: passes })
}

/** A known stack in a line: its height, mm, what it is for, and over what. */
export const sayKnown = (t: TFunction<'app'>, lengths: Lengths, stack: KnownGoodStackRow, heightMm: number): string =>
  t('shelf.known.one', {
    height: lengths.thickness(heightMm),
    what: sayKnownFor(t, stack),
    dieClass: t(`words.dieClass.${stack.dieClass}`),
    count: stack.sheetCount,
    caliper: lengths.thickness(stack.sheetCaliperMm),
  })
