import type { JobRow } from '@bold-heron/schema'
import { Hammer, NotebookPen, Printer } from 'lucide-react'
import { useTranslation } from 'react-i18next'
import { Link } from 'react-router'
import { sayRun } from '../../text/say-run.js'
import { ButtonLink, IconButton } from '../../ui/Button.js'
import { JobSettings } from './JobSettings.js'
import { RunChoice } from './RunChoice.js'

/** Which press run of a laid-out card is planned here. */
const PlacedNotice = ({ job }: { readonly job: JobRow }) => {
  const { t } = useTranslation()
  return (
    <p>
      {t('plan.placed', { at: job.runInHand + 1, of: job.runs.length, name: sayRun(t, job, job.runInHand) })}{' '}
      <Link to={`/place/${job.id}`}>{t('plan.toPlace')}</Link>
    </p>
  )
}

/** What is planned, and the ways on from it. */
export const PlanHead = ({ job, onLog }: { readonly job: JobRow; readonly onLog: () => void }) => {
  const { t } = useTranslation()
  return (
    <div className="flex flex-wrap items-center gap-x-4 gap-y-2 print:hidden">
      <JobSettings job={job} />
      {job.card ? <PlacedNotice job={job} /> : job.runs.length > 1 && <RunChoice job={job} />}
      <div className="ml-auto flex gap-2">
        <ButtonLink look="next" to={`/bench/${job.id}`} icon={<Hammer aria-hidden size={18} />}>
          {t('plan.toBench')}
        </ButtonLink>
        <IconButton look="plain" className="size-11" label={t('plan.cut.open')} onClick={onLog}>
          <NotebookPen aria-hidden size={18} />
        </IconButton>
        <IconButton look="plain" className="size-11" label={t('common.print')} onClick={() => globalThis.print()}>
          <Printer aria-hidden size={18} />
        </IconButton>
      </div>
    </div>
  )
}
