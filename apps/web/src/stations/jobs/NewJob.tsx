import { type BladeSide, isFolder, techniqueOf, type Want, wants } from '@bold-heron/core'
import { asWanted, type JobInput, jobOfRun, runInHandOf } from '@bold-heron/schema'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { useNavigate } from 'react-router'
import { useHouseRules } from '../../data/house-rules.js'
import { takeJobInHand } from '../../data/job-in-hand.js'
import { useAddRow, useEveryRow } from '../../data/rows.js'
import { RowFormFrame } from '../../ui/form/RowFormFrame.js'
import { useRowForm } from '../../ui/form/row-form.js'
import { Panel } from '../../ui/Panel.js'
import { Loaded } from '../../ui/states.js'
import { JobFormFields, jobForm } from './job-form.js'
import { WantChoice } from './WantChoice.js'
import { useMadeTogether } from './wants/use-made-together.js'
import { wayOn } from './way-on.js'

const blankJob = (bladeSide: BladeSide): JobInput =>
  jobOfRun({ name: '', pressId: '' }, { dieIds: [], sheetId: '', sheetCount: 1, bladeSide })

const NewJobForm = ({ start }: { readonly start: JobInput }) => {
  const { t } = useTranslation()
  const navigate = useNavigate()
  const form = useRowForm(jobForm, start)
  const folder = useEveryRow('dies').data?.find(({ dieClass }) => isFolder(dieClass))
  const [want, setWant] = useState(wants[0] as Want)
  const together = useMadeTogether(want.id, form.watch('dieIds') as readonly string[])
  const add = useAddRow('jobs')
  const make = async (input: JobInput): Promise<string | undefined> => {
    if (together.makes) return together.make(input)
    const job = await add.mutateAsync(asWanted(input, want, want.then === 'folder' ? { dieId: folder?.id } : {}))
    takeJobInHand(job.id)
    return wayOn(want, job.id)
  }
  const save = async (input: JobInput) => {
    const next = await make(input).catch(() => undefined)
    if (next) await navigate(next)
  }
  return (
    <Panel title={t('jobs.newTitle')} heading="h1" className="mx-auto max-w-3xl">
      <RowFormFrame<JobInput>
        form={form}
        label={t('jobs.newTitle')}
        onSave={save}
        error={add.error ?? together.error}
        saveText={t('jobs.create')}
      >
        <WantChoice
          wants={wants.filter(({ then }) => then !== 'folder' || folder !== undefined)}
          want={want}
          onWant={(next) => {
            setWant(next)
            form.setValue('bladeSide', techniqueOf(next.technique).bladeSide ?? runInHandOf(start).bladeSide)
          }}
        />
        <JobFormFields withState={false} technique={want.technique} />
        {together.fields}
      </RowFormFrame>
    </Panel>
  )
}

export const Component = () => {
  const { t } = useTranslation()
  const rules = useHouseRules()
  return (
    <Loaded query={rules} what={t('jobs.loading')}>
      {({ bladeSide }) => <NewJobForm start={blankJob(bladeSide)} />}
    </Loaded>
  )
}
