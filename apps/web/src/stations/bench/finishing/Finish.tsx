import { useTranslation } from 'react-i18next'
import { Link } from 'react-router'
import { jobPath } from '../../../data/job-address.js'
import type { ShownFinishing } from './finishing.js'

/** Peel, fold, glue, layer; the knife's work where a card was laid out. */
export const Finish: ShownFinishing = ({ job }) => {
  const { t } = useTranslation()
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
    </div>
  )
}
