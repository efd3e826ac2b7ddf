import { useLengths } from '../../text/lengths.js'
import type { JobRow } from '@bold-heron/schema'
import { runInHandOf } from '@bold-heron/schema'
import { useTranslation } from 'react-i18next'
import { useByHand } from '../../data/placing.js'
import { LaidOut } from '../../drawing/placement/LaidOut.js'
import { Unfolded } from '../../drawing/placement/Unfolded.js'
import { AfterSteps } from '../../pressing/placed/AfterSteps.js'
import { HandCheck } from '../../pressing/placed/HandCheck.js'
import { RunSteps } from '../../pressing/placed/RunSteps.js'
import type { PlacementView } from '../../workers/view-of.js'
import { dieFinder } from './dies-of.js'
import { heldIn } from './held-in.js'
import type { PanelProps } from './panel-props.js'

/** The instructions for the job on paper, with drawings: shown only in print. */
export const StepSheet = ({
  placement,
  things,
  view,
  job,
}: Pick<PanelProps, 'placement' | 'things'> & {
  readonly view: PlacementView
  readonly job: JobRow
}) => {
  const lengths = useLengths()
  const { t } = useTranslation()
  const { card, runs } = placement
  const byHand = useByHand(things, placement).data
  const onPaper = { width: `${Math.min(card.widthMm, 90)}mm` }
  const at = (mm: number) => lengths.place(mm)
  const dieOf = dieFinder({ things })
  const blade = runInHandOf(job).bladeSide
  return (
    <article className="hidden print:block">
      <h1 className="text-2xl">{t('place.steps.title', { name: job.name })}</h1>
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
            <RunSteps
              placement={placement}
              at={index}
              blade={blade}
              held={heldIn(job, things, placement, index)}
              dieOf={dieOf}
              className="flex-1"
            />
            <LaidOut placement={placement} view={view} at={index} sizeOf={dieOf} style={onPaper} />
          </div>
        </section>
      ))}
      <AfterSteps placement={placement} view={view} dieOf={dieOf} />
      <Unfolded placement={placement} view={view} style={onPaper} />
      <p className="mt-3 font-bold">{t('place.press.fights')}</p>
      <p>{t('place.press.booklet')}</p>
    </article>
  )
}
