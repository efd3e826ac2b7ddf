import { type BladeSide, type Card, liesMirrored, type PlacedRun } from '@bold-heron/core'
import { useTranslation } from 'react-i18next'
import type { Lengths } from '../../text/lengths.js'

/** What to do with the card for one press run, in the order of doing it: pencil, dies, pad or block, and which edge leads. */
export const RunSteps = ({
  run,
  card,
  blade,
  nameOf,
  lengths,
  className,
}: {
  readonly run: PlacedRun
  readonly card: Card
  readonly blade: BladeSide
  /** A die's name by its id. */
  readonly nameOf: (dieId: string) => string
  readonly lengths: Lengths
  readonly className?: string
}) => {
  const { t } = useTranslation()
  const at = (mm: number) => lengths.place(mm)
  const line = run.region === 'to-line' ? run.line : null
  return (
    <ol className={`list-decimal pl-8 ${className ?? ''}`}>
      {card.fold && <li>{t(run.goesIn === 'open' ? 'place.steps.open' : 'place.steps.folded')}</li>}
      {liesMirrored(run, blade) && <li>{t('place.steps.mirrored')}</li>}
      {line && (
        <li>
          {t('place.steps.pencil', {
            at: at(line.yMm),
            from: t('place.steps.top'),
            slant: line.angleDeg === 0 ? '' : t('place.steps.slant', { angle: line.angleDeg }),
          })}
        </li>
      )}
      {run.dies.map((laid) => (
        <li key={laid.id}>
          {t('place.steps.die', {
            name: nameOf(laid.dieId),
            x: at(laid.xMm),
            y: at(laid.yMm),
            turn: laid.rotationDeg === 0 ? '' : t('place.steps.turn', { angle: laid.rotationDeg }),
          })}
        </li>
      ))}
      {line && <li>{t('place.steps.pad', { side: t(`place.things.pressed.${line.presses}`) })}</li>}
      {run.region === 'under-block' &&
        run.blocks.map((block) => (
          <li key={block.id}>{t('place.steps.block', { x: at(block.xMm), y: at(block.yMm) })}</li>
        ))}
      <li>{t('place.steps.leads', { edge: t(`place.run.edges.${run.leads}`) })}</li>
    </ol>
  )
}
