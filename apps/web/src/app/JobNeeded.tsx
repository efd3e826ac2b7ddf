import { useTranslation } from 'react-i18next'
import { Navigate } from 'react-router'
import { useJobInHand } from '../data/job-in-hand.js'
import { ButtonLink } from '../ui/Button.js'
import { Empty } from '../ui/states.js'
import type { StationWithJob } from './stations.js'

/** A station without a job in its address: on to the one in hand, or a word on where to choose one. */
export const JobNeeded = ({ station }: { readonly station: StationWithJob }) => {
  const { t } = useTranslation()
  const jobId = useJobInHand()
  if (jobId) return <Navigate to={`/${station}/${jobId}`} replace />
  return (
    <Empty
      title={t(`${station}.chooseTitle`)}
      action={
        <ButtonLink look="next" to="/jobs">
          {t(`${station}.chooseAction`)}
        </ButtonLink>
      }
    >
      {t(`${station}.chooseText`)}
    </Empty>
  )
}
