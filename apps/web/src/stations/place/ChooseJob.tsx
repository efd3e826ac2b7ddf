import { useTranslation } from 'react-i18next'
import { Navigate } from 'react-router'
import { useJobInHand } from '../../data/job-in-hand.js'
import { ButtonLink } from '../../ui/Button.js'
import { Empty } from '../../ui/states.js'

/** Place without a job in the address: the one in hand, or a word on where to choose one. */
export const Component = () => {
  const { t } = useTranslation()
  const jobId = useJobInHand()
  if (jobId) return <Navigate to={`/place/${jobId}`} replace />
  return (
    <Empty
      title={t('place.chooseTitle')}
      action={
        <ButtonLink look="next" to="/jobs">
          {t('place.chooseAction')}
        </ButtonLink>
      }
    >
      {t('place.chooseText')}
    </Empty>
  )
}
