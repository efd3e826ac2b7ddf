import type { JobRow } from '@bold-heron/schema'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { jobPath } from '../../data/job-address.js'
import { useRowsPage } from '../../data/rows.js'
import { JobStation } from '../../pressing/JobStation.js'
import { ButtonLink } from '../../ui/Button.js'
import { Pager } from '../../ui/Pager.js'
import { Panel } from '../../ui/Panel.js'
import { Empty, Loaded } from '../../ui/states.js'
import { RunTable } from './RunTable.js'

const PAGE_SIZE = 25

const RunsOfJob = ({ job }: { readonly job: JobRow }) => {
  const { t } = useTranslation()
  const [page, turnTo] = useState(1)
  const runs = useRowsPage('runs', { jobId: job.id, page, pageSize: PAGE_SIZE })
  return (
    <Loaded query={runs} what={t('log.loading')}>
      {({ items, total }) =>
        items.length === 0 && page === 1 ? (
          <Empty
            title={t('log.ofJob.none')}
            action={
              <ButtonLink look="next" to={jobPath(job.id, 'bench')}>
                {t('log.ofJob.press')}
              </ButtonLink>
            }
          />
        ) : (
          <Panel title={t('log.total', { count: total })}>
            <RunTable runs={items} />
            <Pager page={page} pageSize={PAGE_SIZE} total={total} onTurn={turnTo} />
          </Panel>
        )
      }
    </Loaded>
  )
}

/** What was pressed of one job. */
export const Component = () => {
  const { t } = useTranslation()
  return (
    <JobStation title={t('log.title')} loading={t('log.loading')}>
      {(job) => <RunsOfJob key={job.id} job={job} />}
    </JobStation>
  )
}
