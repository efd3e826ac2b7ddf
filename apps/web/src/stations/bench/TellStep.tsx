import { cameOutGood, type Round, sheetsGoOn, toldOf } from '@bold-heron/core'
import { Minus, Plus } from 'lucide-react'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { SymptomLink } from '../../drawing/terms/SymptomLink.js'
import { LookFields } from '../../pressing/LookFields.js'
import { Button, IconButton } from '../../ui/Button.js'
import type { AtBench } from './steps/step.js'
import type { RoundAtBench } from './use-round.js'

const MOST_PIECES = 999

/** What is counted of a round: pieces, or sheets where each gives several pieces. */
export interface Counted {
  readonly counts: 'pieces' | 'sheets'
  /** So many come out where all is well, and of these so many are mirror images of the others. */
  readonly pieces: number
  readonly mirrored: number
}

/** What came of the passes, in pictures, and how many good pieces there are. */
export const TellStep = ({
  round: { passesMade: passes, feel, tell },
  atBench: {
    request: {
      technique,
      cut: { dies },
    },
  },
  counted: { pieces: usual, mirrored, counts },
  formId,
}: {
  /** `feel` is what is known of the handle to begin with: that it stopped, or nothing. */
  readonly round: Pick<RoundAtBench, 'passesMade' | 'feel' | 'tell'>
  readonly atBench: Pick<AtBench, 'request'>
  readonly counted: Counted
  /** The form's name, where what writes it down stands outside of it. */
  readonly formId?: string
}) => {
  const { t } = useTranslation()
  const { looks, asWanted } = toldOf(technique)
  const [round, setRound] = useState<Round>({
    passes,
    seen: feel === 'stopped' ? (looks[0] ?? asWanted) : asWanted,
    hangingShare: null,
    hangingPlace: null,
    feel,
  })
  const [pieces, setPieces] = useState(usual)
  const good = cameOutGood(round)
  // Sheets that hang go on; those that do not, and of which nothing good came, are spoilt.
  const spoilt = good ? Math.max(0, usual - pieces) : sheetsGoOn(round) ? 0 : usual
  return (
    <form
      id={formId}
      className="space-y-4"
      onSubmit={(event) => {
        event.preventDefault()
        tell(round, { pieces, spoilt })
      }}
    >
      <LookFields name="bench" technique={technique} dies={dies} round={round} onChange={setRound} />
      <SymptomLink of="other" />
      <div className="flex flex-wrap items-center gap-4">
        {good && usual > 0 && (
          <div className="flex items-center gap-2" role="group" aria-label={t(`bench.tell.${counts}`)}>
            <span className="font-bold">{t(`bench.tell.${counts}`)}</span>
            <IconButton
              label="−"
              look="plain"
              className="size-12"
              disabled={pieces <= 0}
              onClick={() => setPieces(pieces - 1)}
            >
              <Minus aria-hidden size={20} />
            </IconButton>
            <output className="min-w-8 text-center font-bold">{pieces}</output>
            <IconButton
              label="+"
              look="plain"
              className="size-12"
              disabled={pieces >= MOST_PIECES}
              onClick={() => setPieces(pieces + 1)}
            >
              <Plus aria-hidden size={20} />
            </IconButton>
          </div>
        )}
        {good && mirrored > 0 && pieces > 0 && (
          <span className="text-ink-soft">
            {t('bench.tell.mirrored', { count: Math.round((mirrored * pieces) / usual) })}
          </span>
        )}
        {spoilt > 0 && <span className="text-ink-soft">{t('bench.tell.spoilt', { count: spoilt })}</span>}
        {formId === undefined && (
          <Button look="next" type="submit" className="ml-auto min-h-16 px-8 text-2xl">
            {t('bench.tell.save')}
          </Button>
        )}
      </div>
    </form>
  )
}
