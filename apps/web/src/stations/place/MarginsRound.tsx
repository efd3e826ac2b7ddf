import { useLengths } from '../../text/lengths.js'
import { areEqual, editRun, framedBy, frameRound } from '@bold-heron/core'
import { useTranslation } from 'react-i18next'
import { Button } from '../../ui/Button.js'
import { dieFinder } from './dies-of.js'
import type { PanelProps } from './panel-props.js'

/** The margins that the frame in hand leaves round a piece that an earlier run has cut, and a way to make them equal. */
export const MarginsRound = ({ placement, things, onChange }: PanelProps) => {
  const lengths = useLengths()
  const { t } = useTranslation()
  const run = placement.runs[placement.runInHand]
  const dieOf = dieFinder({ things })
  const found = framedBy(placement.runs, placement.runInHand, dieOf)
  const frame = run?.dies[0] && dieOf(run.dies[0].dieId)
  if (!found || !frame) return null
  const { die, piece, margins } = found
  const isEqual = areEqual(margins)
  const pose = frameRound(piece, frame.outline.lines)
  return (
    <section className="rounded-md border border-line p-3">
      <h3 className="font-bold">{t('place.margins.title', { name: die.name })}</h3>
      <p>
        {t('place.margins.text', {
          left: lengths.hand(margins.leftMm),
          right: lengths.hand(margins.rightMm),
          top: lengths.hand(margins.topMm),
          bottom: lengths.hand(margins.bottomMm),
        })}
      </p>
      {!isEqual && pose && (
        <Button
          onClick={() =>
            onChange(editRun((each) => ({ ...each, dies: each.dies.map((one) => ({ ...one, ...pose })) })))
          }
        >
          {t('place.margins.equal')}
        </Button>
      )}
      <p className="text-sm text-ink-soft">{t('place.margins.back')}</p>
    </section>
  )
}
