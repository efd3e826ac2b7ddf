import { useTranslation } from 'react-i18next'
import { Link } from 'react-router'
import { placementOf } from '@bold-heron/schema'
import type { Placement } from '@bold-heron/core'
import { jobPath } from '../../../data/job-address.js'
import { AfterSteps } from '../../../pressing/placed/AfterSteps.js'
import { useLaidOut } from '../use-laid-out.js'
import type { ShownFinishing } from './finishing.js'

/** The knife's cuts, and what a fold asks for, of a card that was laid out: once its last run is pressed. */
const OfCard = ({ job, placement }: Parameters<ShownFinishing>[0] & { readonly placement: Placement }) => {
  const { view, dieOf } = useLaidOut(job, placement)
  return view ? <AfterSteps placement={placement} view={view} dieOf={dieOf} /> : null
}

/** Peel, fold, glue, layer; the knife's work where a card was laid out. */
export const Finish: ShownFinishing = ({ job }) => {
  const { t } = useTranslation()
  const placement = placementOf(job)
  const isLast = job.runInHand === job.runs.length - 1
  return (
    <div>
      <h3 className="font-bold">{t('bench.finish.finishing')}</h3>
      <p>
        {t('bench.finish.finishingText')}
        {job.card && (
          <>
            {' '}
            <Link to={jobPath(job.id, 'place')} className="underline">
              {t('bench.finish.knife')}
            </Link>
          </>
        )}
      </p>
      {placement && isLast && <OfCard job={job} placement={placement} />}
    </div>
  )
}
