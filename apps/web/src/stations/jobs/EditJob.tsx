import { inputOfJob, type JobInput, type JobRow, runInHandOf } from '@bold-heron/schema'
import { useTranslation } from 'react-i18next'
import { useNavigate, useParams } from 'react-router'
import { jobPath } from '../../data/job-address.js'
import { takeJobInHand } from '../../data/job-in-hand.js'
import { useRow } from '../../data/rows.js'
import { ButtonLink } from '../../ui/Button.js'
import { RowFormFrame } from '../../ui/form/RowFormFrame.js'
import { useRowForm } from '../../ui/form/row-form.js'
import { useFormSaving } from '../../ui/form/form-saving.js'
import { useLengths } from '../../text/lengths.js'
import { Panel } from '../../ui/Panel.js'
import { RemoveButton } from '../../ui/record/RemoveButton.js'
import { Loaded } from '../../ui/states.js'
import { JobFormFields, jobForm } from './job-form.js'

const EditJobForm = ({ job }: { readonly job: JobRow }) => {
  const { t } = useTranslation()
  const { style } = useLengths()
  const navigate = useNavigate()
  const form = useRowForm(jobForm, inputOfJob(job))
  const saving = useFormSaving('jobs', job, (shown) => form.reset(jobForm.write(inputOfJob(shown), style)))
  const save = async (input: JobInput) => {
    if (await saving.save(input)) await navigate(jobPath(job.id, 'plan'))
  }
  return (
    <Panel title={t('jobs.editTitle')} heading="h1" className="mx-auto max-w-3xl">
      <RowFormFrame<JobInput>
        form={form}
        label={t('jobs.editTitle')}
        onSave={save}
        error={saving.error}
        more={
          <>
            <ButtonLink look="quiet" to="/jobs">
              {t('common.cancel')}
            </ButtonLink>
            <RemoveButton
              kind="jobs"
              id={job.id}
              said={t('jobs.deleted', { name: job.name })}
              to="/jobs"
              className="ml-auto"
              before={() => takeJobInHand(undefined)}
            />
          </>
        }
      >
        <JobFormFields withState technique={runInHandOf(job).technique} />
      </RowFormFrame>
    </Panel>
  )
}

export const Component = () => {
  const { t } = useTranslation()
  const { jobId } = useParams()
  const job = useRow('jobs', jobId)
  return (
    <Loaded query={job} what={t('jobs.loading')}>
      {(row) => <EditJobForm key={row.id} job={row} />}
    </Loaded>
  )
}
