import { MOST_KNOWN_PASSES } from '@bold-heron/core'
import type { KnownGoodStackRow } from '@bold-heron/schema'
import type { TFunction } from 'i18next'

/** What a known stack is for, and in how many passes it does it, where that is known. */
export const sayKnownFor = (
  t: TFunction<'app'>,
  { technique, passes }: Pick<KnownGoodStackRow, 'technique' | 'passes'>,
): string => {
  const what = t(`words.technique.${technique}`)
  if (passes === null) return what
  const isMore = passes >= MOST_KNOWN_PASSES
  return t(isMore ? 'shelf.known.inMorePasses' : 'shelf.known.inPasses', { what, count: passes })
}
