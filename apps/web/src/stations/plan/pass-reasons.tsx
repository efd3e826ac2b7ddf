import type { Assessment, CutContext, PassFigures, PredictedPass } from '@bold-heron/core'
import { useTranslation } from 'react-i18next'
import { useLengths } from '../../text/lengths.js'
import { percent, sayChance } from '../../text/say-cut.js'

/** m/s², to tell a force as a weight that everybody has lifted. */
const GRAVITY = 9.81

/** Why the handle feels so: the force at the crank's end against what the hand can do, with the arithmetic. */
export const FeelReason = ({ pass, cut }: { readonly pass: PassFigures; readonly cut: CutContext }) => {
  const { t } = useTranslation()
  const { drive } = cut.press
  const { handShare } = cut.rules
  const share = percent(pass.effort)
  if (drive.by === 'motor')
    return (
      <p>
        {t('plan.why.motor', {
          force: Math.round(pass.peakForceN),
          limit: Math.round(handShare * drive.stallN),
          share,
        })}
      </p>
    )
  const handleN = pass.handleForceN ?? 0
  return (
    <>
      <p>
        {t('plan.why.handle', {
          force: Math.round(handleN),
          weight: (handleN / GRAVITY).toFixed(1),
          limit: Math.round(handShare * drive.limitN),
          share,
        })}
      </p>
      <p>
        {t('plan.why.torque', {
          torque: ((handleN * drive.crankArmMm * drive.gearRatio) / 1000).toFixed(1),
          arm: (drive.crankArmMm / 1000).toFixed(2),
          gear: drive.gearRatio,
          force: Math.round(handleN),
        })}
      </p>
      <p>{t('plan.why.nip', { force: Math.round(pass.peakForceN) })}</p>
      <p>{t('plan.why.feels')}</p>
    </>
  )
}

/** Why the chance is what it is: the squeeze needed, the squeeze there is, and how surely it is known. */
export const ChanceReason = ({
  number,
  pass,
  assessment: { ledger, certainty },
}: {
  readonly number: number
  readonly pass: PredictedPass
  readonly assessment: Assessment
}) => {
  const lengths = useLengths()
  const { t } = useTranslation()
  const squeeze = lengths.thickness(ledger.squeezeMm)
  const chance = sayChance(t, pass.chance)
  return (
    <>
      <p>
        {pass.goodFromMm === undefined
          ? t('plan.why.chanceNever', { count: number })
          : t('plan.why.chanceNeeds', {
              count: number,
              needs: lengths.thickness(pass.goodFromMm),
              squeeze,
              over: lengths.difference(ledger.squeezeMm - pass.goodFromMm),
            })}
      </p>
      <p>{t('plan.why.chanceDoubt', { spread: lengths.thickness(certainty.spreadMm), chance })}</p>
    </>
  )
}
