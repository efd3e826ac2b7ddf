import type { PlateInput, SetupInput, SheetInput } from '@bold-heron/schema'
import { useEffect, useState } from 'react'
import { useTranslation } from 'react-i18next'
import { useNavigate } from 'react-router'
import { jobPath } from '../../data/job-address.js'
import { takeJobInHand } from '../../data/job-in-hand.js'
import { useSetUp } from '../../data/setup.js'
import { ButtonLink } from '../../ui/Button.js'
import { Panel } from '../../ui/Panel.js'
import { DieStep } from './DieStep.js'
import { KnownStep } from './KnownStep.js'
import { PlatesStep } from './PlatesStep.js'
import { PressStep } from './PressStep.js'
import { SheetStep } from './SheetStep.js'

const steps = ['press', 'plates', 'known', 'die', 'sheet'] as const

/** The guided minute: one press with its known-good stack, plates, one die, one sheet; then straight to the plan. */
export const Component = () => {
  const { t } = useTranslation()
  const navigate = useNavigate()
  const setUp = useSetUp()
  const [at, setAt] = useState(0)
  const [press, setPress] = useState<SetupInput['press']>()
  const [plates, setPlates] = useState<PlateInput[]>([])
  const [feels, setFeels] = useState(false)
  const [known, setKnown] = useState<SetupInput['known']>(null)
  const [die, setDie] = useState<SetupInput['die']>()
  useEffect(() => {
    window.scrollTo({ top: 0 })
  }, [at])
  const onBack = () => setAt(at - 1)
  const finish = async (sheet: SheetInput) => {
    if (!press || !die) return
    const job = await setUp
      .mutateAsync({ press, plates, known, die, sheet, jobName: t('welcome.job.name') })
      .catch(() => undefined)
    if (!job) return
    takeJobInHand(job.id)
    await navigate(feels ? `/shelf/presses/${job.pressId}/feel` : jobPath(job.id, 'plan'))
  }
  const step = steps[at] as (typeof steps)[number]
  return (
    <div className="mx-auto max-w-3xl">
      <header className="mb-3 flex items-start justify-between gap-4">
        <div>
          <h1 className="text-3xl">{t('welcome.title')}</h1>
          <p className="text-ink-soft">{t('welcome.text')}</p>
        </div>
        <ButtonLink look="quiet" to="/jobs">
          {t('welcome.leave')}
        </ButtonLink>
      </header>
      <Panel title={t('welcome.step', { number: at + 1, of: steps.length, name: t(`welcome.steps.${step}`) })}>
        {step === 'press' && (
          <PressStep
            start={press}
            onDone={(part) => {
              if (part.pressClass !== press?.pressClass) setPlates([])
              setPress(part)
              setAt(1)
            }}
          />
        )}
        {step === 'plates' && press && (
          <PlatesStep
            pressClass={press.pressClass}
            start={plates}
            onDone={(part) => {
              setPlates(part)
              setAt(2)
            }}
            onBack={onBack}
          />
        )}
        {step === 'known' && (
          <KnownStep
            plates={plates}
            onDone={(part) => {
              setKnown(part)
              setFeels(false)
              setAt(3)
            }}
            onFeel={() => {
              setKnown(null)
              setFeels(true)
              setAt(3)
            }}
            onBack={onBack}
          />
        )}
        {step === 'die' && (
          <DieStep
            start={die}
            onDone={(part) => {
              setDie(part)
              setAt(4)
            }}
            onBack={onBack}
          />
        )}
        {step === 'sheet' && (
          <SheetStep
            onDone={(sheet) => void finish(sheet)}
            onBack={onBack}
            busy={setUp.isPending}
            error={setUp.error}
          />
        )}
      </Panel>
    </div>
  )
}
