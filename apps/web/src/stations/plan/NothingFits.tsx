import type { Plan } from '@bold-heron/core'
import type { JobRow } from '@bold-heron/schema'
import { useTranslation } from 'react-i18next'
import { jobPath } from '../../data/job-address.js'
import { useLengths } from '../../text/lengths.js'
import { WhyNone } from '../../pressing/WhyNone.js'
import { sayFinding } from '../../text/say-finding.js'
import { ButtonLink } from '../../ui/Button.js'
import { Empty } from '../../ui/states.js'

/** Why no stack may be offered, and what to do about it. */
export const NothingFits = ({ job, plan }: { readonly job: JobRow; readonly plan: Plan }) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const { why, missingRoles, beyondTheHand, stoppedBy } = plan
  if (stoppedBy.length > 0)
    return (
      <Empty
        title={t('plan.stoppedTitle')}
        action={
          <ButtonLink look="next" to={jobPath(job.id, 'edit')}>
            {t('plan.stoppedAction')}
          </ButtonLink>
        }
      >
        {stoppedBy.map((finding, at) => (
          <span key={at} className="block">
            {sayFinding(t, lengths, finding).say}
          </span>
        ))}
      </Empty>
    )
  if (beyondTheHand)
    return (
      <Empty
        title={t('plan.heavyTitle')}
        action={
          <ButtonLink look="next" to="/jobs">
            {t('plan.heavyAction')}
          </ButtonLink>
        }
      >
        {t('plan.heavyText')}
      </Empty>
    )
  return (
    <Empty
      title={t('plan.noneTitle')}
      action={
        <ButtonLink look="next" to="/shelf/plates/new">
          {t('plan.noneAction')}
        </ButtonLink>
      }
    >
      {missingRoles.length > 0
        ? t('plan.noneMissing', {
            roles: missingRoles.map((role) => t(`words.role.${role as 'bed'}`)).join(', '),
          })
        : why && <WhyNone why={why} />}
    </Empty>
  )
}
