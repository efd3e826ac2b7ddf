import type { Seen } from '@bold-heron/core'
import { Check, ChevronsDown, Circle, CircleDotDashed, EyeOff, Scissors } from 'lucide-react'
import { useTranslation } from 'react-i18next'
import { Badge, type Tone } from './Badge.js'

const marks: Record<Seen, { readonly tone: Tone; readonly Icon: typeof Check }> = {
  'not-looked': { tone: 'plain', Icon: EyeOff },
  untouched: { tone: 'plain', Icon: Circle },
  dented: { tone: 'warn', Icon: CircleDotDashed },
  hanging: { tone: 'warn', Icon: Scissors },
  clean: { tone: 'clean', Icon: Check },
  'cut-into-pad': { tone: 'danger', Icon: ChevronsDown },
  nothing: { tone: 'plain', Icon: Circle },
  faint: { tone: 'warn', Icon: CircleDotDashed },
  good: { tone: 'clean', Icon: Check },
  deep: { tone: 'clean', Icon: Check },
  'cut-through': { tone: 'danger', Icon: Scissors },
  'mat-cut': { tone: 'danger', Icon: ChevronsDown },
  shallow: { tone: 'warn', Icon: CircleDotDashed },
  full: { tone: 'clean', Icon: Check },
  cracked: { tone: 'danger', Icon: Scissors },
  patchy: { tone: 'warn', Icon: CircleDotDashed },
  formed: { tone: 'clean', Icon: Check },
  torn: { tone: 'danger', Icon: Scissors },
  'broken-line': { tone: 'warn', Icon: CircleDotDashed },
  'even-line': { tone: 'clean', Icon: Check },
  smudged: { tone: 'danger', Icon: ChevronsDown },
}

/** How a cut came out, by word, shape and colour. */
export const SeenBadge = ({ seen }: { readonly seen: Seen }) => {
  const { t } = useTranslation()
  const { tone, Icon } = marks[seen]
  return (
    <Badge tone={tone} icon={<Icon aria-hidden size={14} />}>
      {t(`words.seen.${seen}`)}
    </Badge>
  )
}
