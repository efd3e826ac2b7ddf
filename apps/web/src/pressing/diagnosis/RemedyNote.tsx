import type { RemedyId } from '@bold-heron/core'
import { useLengths } from '../../text/lengths.js'
import { sayRemedy } from './say-remedy.js'
import { useDiagnosisWords } from './use-words.js'

/** What is put right in a round, while it is laid; where only the stack changes, the steps say so themselves. */
export const RemedyNote = ({ remedy, mm }: { readonly remedy: RemedyId; readonly mm: number | undefined }) => {
  const lengths = useLengths()
  const words = useDiagnosisWords().data
  const isStack = remedy === 'tighter' || remedy === 'looser' || remedy === 'another-stack' || remedy === 'once-more'
  if (!words || isStack) return null
  return <p className="rounded-md bg-sunk p-3 font-bold">{sayRemedy(words, lengths, { id: remedy, mm }).say}</p>
}
