import { useLengths } from '../../text/lengths.js'
import type { BladeSide } from '@bold-heron/core'
import { useTranslation } from 'react-i18next'
import { useByHand } from '../../data/placing.js'
import { LaidOut } from '../../drawing/placement/LaidOut.js'
import { HandCheck } from '../../pressing/placed/HandCheck.js'
import { RunSteps } from '../../pressing/placed/RunSteps.js'
import type { PlacementView } from '../../workers/place.worker.js'
import type { PanelProps } from './panel-props.js'

/** The instructions for the job on paper, with drawings: shown only in print. */
export const StepSheet = ({
  placement,
  things,
  view,
  name,
  blade,
}: Pick<PanelProps, 'placement' | 'things'> & {
  readonly view: PlacementView
  readonly name: string
  readonly blade: BladeSide
}) => {
  const lengths = useLengths()
  const { t } = useTranslation()
  const { card, runs } = placement
  const byHand = useByHand(things, placement).data
  const onPaper = { width: `${Math.min(card.widthMm, 90)}mm` }
  const at = (mm: number) => lengths.place(mm)
  const sizeOf = (dieId: string) => things.dies.find((die) => die.id === dieId)
  const nameOf = (dieId: string) => things.dies.find((die) => die.id === dieId)?.name ?? ''
  return (
    <article className="hidden print:block">
      <h1 className="text-2xl">{t('place.steps.title', { name })}</h1>
      <p>
        {t('place.steps.card', { size: `${at(card.widthMm)} × ${at(card.heightMm)}` })}{' '}
        {card.fold &&
          t('place.steps.cardFold', {
            at: at(card.fold.atMm),
            from: t(card.fold.runs === 'upright' ? 'place.steps.left' : 'place.steps.top'),
          })}
      </p>
      <LaidOut placement={placement} view={view} at={undefined} style={onPaper} />
      {byHand && <HandCheck byHand={byHand} />}
      {runs.map((run, index) => (
        <section key={run.id} className="break-inside-avoid">
          <h2 className="mt-3 text-lg">{t('place.steps.runTitle', { count: index + 1, name: run.name })}</h2>
          <div className="flex gap-4">
            <RunSteps run={run} card={card} blade={blade} nameOf={nameOf} sizeOf={sizeOf} className="flex-1" />
            <LaidOut placement={placement} view={view} at={index} sizeOf={sizeOf} style={onPaper} />
          </div>
        </section>
      ))}
      {view.knife.cuts.length > 0 && (
        <section>
          <h2 className="mt-3 text-lg">{t('place.steps.knifeTitle')}</h2>
          <p>{t('place.reads.knifeCare')}</p>
          <ol className="list-decimal pl-6">
            {view.knife.cuts.map((cut, index) => (
              <li key={index}>
                {t('place.steps.knife', { how: t(`place.reads.${cut.how}`), length: at(cut.lengthMm) })}
              </li>
            ))}
          </ol>
          <p>{t('place.steps.waste')}</p>
        </section>
      )}
      {card.fold && <p className="mt-3">{t('place.steps.score')}</p>}
      <p className="mt-3 font-bold">{t('place.press.fights')}</p>
      <p>{t('place.press.booklet')}</p>
    </article>
  )
}
