import type { GeneralRemedyId, RankedRemedy, RemedyId } from '@bold-heron/core'
import type { Lengths } from '../../text/lengths.js'
import type { DiagnosisWords } from './words.js'

const isGeneral = (words: DiagnosisWords, id: RemedyId): id is GeneralRemedyId => id in words.remedies

/** What a remedy is and why, in words; a plate that nobody names is some paper. */
export const sayRemedy = (
  words: DiagnosisWords,
  lengths: Lengths,
  { id, plate, mm = 0, goesBack }: Pick<RankedRemedy, 'id' | 'plate' | 'mm' | 'goesBack'>,
): { readonly say: string; readonly why: string } => {
  const length = lengths.thickness(Math.abs(mm))
  if (!isGeneral(words, id)) {
    const stack = goesBack ? words.tryThis.goBack : mm < 0 ? words.tryThis.looserToo(length) : undefined
    return { say: [words.causes[id].remedy, stack].filter(Boolean).join(' '), why: words.causes[id].why }
  }
  const { say, why } = words.remedies[id]
  return { say: say(plate?.name ?? words.paper, length), why }
}
