import { runInHandOf } from '@bold-heron/schema'
import { X } from 'lucide-react'
import { useEffect } from 'react'
import { useTranslation } from 'react-i18next'
import { Link } from 'react-router'
import { ProblemError } from '../data/client.js'
import { takeJobInHand, useJobInHand } from '../data/job-in-hand.js'
import { useRow } from '../data/rows.js'
import { Badge } from '../ui/Badge.js'
import { IconButton } from '../ui/Button.js'
import { sayPressed } from '../text/say-pressed.js'

/** The tag that travels with the job: what is being made, of what, on what, and how far it is. */
export const Docket = () => {
  const { t } = useTranslation()
  const jobId = useJobInHand()
  const { data: job, error } = useRow('jobs', jobId)
  const gone = error instanceof ProblemError && error.problem.status === 404
  useEffect(() => {
    if (gone) takeJobInHand(undefined)
  }, [gone])
  if (!job) return null
  return (
    <aside
      aria-label={t('frame.docketLabel')}
      className="mx-auto w-full max-w-[90rem] px-3 pt-1 sm:px-4 sm:pt-2 print:hidden"
    >
      <div className="relative flex items-center gap-x-4 rounded-r-lg border border-line bg-leaf pr-2 pl-12 [clip-path:polygon(1.4rem_0,100%_0,100%_100%,1.4rem_100%,0_50%)]">
        <span
          aria-hidden
          className="absolute top-1/2 left-6 size-3 -translate-y-1/2 rounded-full border-2 border-line bg-paper"
        />
        <Link
          to={`/plan/${job.id}`}
          className="min-w-0 shrink truncate font-display text-lg font-semibold no-underline hover:underline sm:shrink-0"
        >
          {job.name}
        </Link>
        <span className="hidden min-w-0 truncate text-ink-soft md:block">{sayPressed(t, runInHandOf(job))}</span>
        <span className="ml-auto flex shrink-0 items-center gap-2">
          <span className="whitespace-nowrap text-ink-soft">
            {t('jobs.progress', { cut: job.cut, wanted: job.wanted })}
          </span>
          <span className="hidden lg:inline">
            <Badge tone={job.state === 'done' ? 'clean' : 'plain'}>{t(`words.jobState.${job.state}`)}</Badge>
          </span>
          <IconButton label={t('frame.docketDrop')} onClick={() => takeJobInHand(undefined)}>
            <X aria-hidden size={16} />
          </IconButton>
        </span>
      </div>
    </aside>
  )
}
