import type { CauseId, RankedRemedy } from '@bold-heron/core'
import { useTranslation } from 'react-i18next'
import { useLengths } from '../../text/lengths.js'
import { sayChance } from '../../text/say-cut.js'
import { Button } from '../../ui/Button.js'
import { sayRemedy } from './say-remedy.js'
import type { DiagnosisWords } from './words.js'

/** Beside the best, so many others are offered. */
const OTHERS = 2

/** What to do next, best first: why, how likely it helps, and what it risks. */
export const Remedies = ({
  words,
  remedies,
  likeliest,
  isOld,
  onTry,
}: {
  readonly words: DiagnosisWords
  readonly remedies: readonly RankedRemedy[]
  /** What is looked at where no remedy is worth trying. */
  readonly likeliest: CauseId | undefined
  /** Something was told since, and is being reckoned with. */
  readonly isOld: boolean
  readonly onTry: ((remedy: RankedRemedy) => void) | undefined
}) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const { tryThis } = words
  const [best, ...others] = remedies.slice(0, OTHERS + 1)
  if (!best)
    return (
      <p className="rounded-md bg-warn-wash p-3 text-warn">
        {tryThis.none} {likeliest && words.causes[likeliest].remedy}
      </p>
    )
  const card = (remedy: RankedRemedy, isBest: boolean) => {
    const { say, why } = sayRemedy(words, lengths, remedy)
    return (
      <div
        key={remedy.id}
        className={isBest ? 'rounded-lg border-2 border-accent p-4' : 'rounded-lg border border-line p-3'}
      >
        <p className="font-bold">{say}</p>
        {isBest && <p className="text-base">{why}</p>}
        <p className="text-base text-ink-soft">
          {[
            tryThis.passes(remedy.passes),
            ...(remedy.freshSheets ? [tryThis.fresh] : []),
            tryThis.minutes(remedy.minutes),
          ].join(' · ')}
          . {tryThis.chances(sayChance(t, remedy.chance), sayChance(t, remedy.stops))}
        </p>
        {onTry && (
          <Button
            look={isBest ? 'next' : 'plain'}
            disabled={isOld}
            className="mt-2 min-h-14 px-6"
            onClick={() => onTry(remedy)}
          >
            {tryThis.doIt}
          </Button>
        )}
      </div>
    )
  }
  return (
    <div className="space-y-3">
      <h3 className="text-lg">{tryThis.title}</h3>
      {card(best, true)}
      {others.length > 0 && <p className="text-base text-ink-soft">{tryThis.others}</p>}
      {others.map((remedy) => card(remedy, false))}
    </div>
  )
}
