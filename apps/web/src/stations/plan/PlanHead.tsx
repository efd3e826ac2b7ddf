import type { JobRow } from '@bold-heron/schema'
import { NotebookPen, Printer } from 'lucide-react'
import { useTranslation } from 'react-i18next'
import { Link } from 'react-router'
import { jobPath } from '../../data/job-address.js'
import { sayRun } from '../../text/say-run.js'
import { IconButton } from '../../ui/Button.js'
import { JobSettings } from './JobSettings.js'
import { RunChoice } from './RunChoice.js'

/** Which press run of a laid-out card is planned here. */
const PlacedNotice = ({ job }: { readonly job: JobRow }) => {
  const { t } = useTranslation()
  return (
    <p>
      {t('plan.placed', { at: job.runInHand + 1, of: job.runs.length, name: sayRun(t, job, job.runInHand) })}{' '}
      <Link to={jobPath(job.id, 'place')}>{t('plan.toPlace')}</Link>
    </p>
  )
}

/** Writing it down afterwards, and printing it. */
const Aside = ({ onLog }: { readonly onLog: () => void }) => {
  const { t } = useTranslation()
  return (
    <div className="ml-auto flex gap-2">
      <IconButton className="size-11" label={t('plan.cut.open')} onClick={onLog}>
        <NotebookPen aria-hidden size={18} />
      </IconButton>
      <IconButton className="size-11" label={t('common.print')} onClick={() => globalThis.print()}>
        <Printer aria-hidden size={18} />
      </IconButton>
    </div>
  )
}

/** What is planned, in a line. */
export const PlanHead = ({ job, onLog }: { readonly job: JobRow; readonly onLog: () => void }) => (
  <div className="flex flex-wrap items-center gap-x-3 gap-y-2 rounded-md border border-line bg-leaf px-3 py-1 print:hidden">
    <JobSettings job={job} />
    {job.card ? <PlacedNotice job={job} /> : job.runs.length > 1 && <RunChoice job={job} />}
    <Aside onLog={onLog} />
  </div>
)
