import { type Assessment, type CutContext, heightOf, type SqueezeWindow } from '@bold-heron/core'
import { useTranslation } from 'react-i18next'
import { Term } from '../../drawing/terms/Term.js'
import { useLengths } from '../../text/lengths.js'
import { Why } from '../../ui/Why.js'

const Line = ({
  label,
  strong = false,
  children,
}: {
  label: React.ReactNode
  strong?: boolean
  children: React.ReactNode
}) => (
  <div
    className={
      strong
        ? 'flex min-h-7 items-center justify-between border-t-2 border-ink font-bold'
        : 'flex min-h-7 items-center justify-between'
    }
  >
    <dt>{label}</dt>
    <dd>{children}</dd>
  </div>
)

/** A sheet that is harder or softer by less than this is as its table says. */
const WORTH_SAYING = 0.03

/** Where the gap comes from, witness by witness. */
const GapReason = ({
  window: { basis, gapSpreadMm },
  cut,
}: {
  readonly window: SqueezeWindow
  readonly cut: CutContext
}) => {
  const lengths = useLengths()
  const { t } = useTranslation()
  const strength = Math.exp(basis.logStrength.mean) - 1
  const spread = lengths.thickness(gapSpreadMm)
  return (
    <>
      {basis.kind === 'press-class' ? (
        <p>{t('plan.ledger.gapFromClass', { pressClass: t(`words.pressClass.${cut.press.pressClass}`), spread })}</p>
      ) : (
        <p>{t('plan.ledger.gapSpread', { spread })}</p>
      )}
      {basis.pressRuns > 0 && <p>{t('plan.ledger.gapFromLog', { count: basis.pressRuns })}</p>}
      {basis.sheetRuns > 0 && Math.abs(strength) >= WORTH_SAYING && (
        <p>
          {t('plan.ledger.strengthFromLog', {
            percent: Math.round(100 * Math.abs(strength)),
            way: t(`plan.ledger.strengthWay.${strength > 0 ? 'harder' : 'softer'}`),
          })}
        </p>
      )}
      {basis.typed && <p>{t('plan.ledger.gapTyped')}</p>}
      {basis.felt > 0 && <p>{t('plan.ledger.gapFelt', { count: basis.felt })}</p>}
      {basis.witnesses.length > 0 && <p>{t('plan.ledger.gapFromKnown')}</p>}
      <ul className="list-disc pl-5">
        {basis.witnesses.map(({ id, heightMm, wantedMm, gapMm }) => (
          <li key={id}>
            {t('plan.ledger.gapWitness', {
              height: lengths.thickness(heightMm),
              wanted: lengths.thickness(wantedMm),
              gap: lengths.thickness(gapMm),
            })}
          </li>
        ))}
      </ul>
    </>
  )
}

/** The foot of the sum: total, gap, squeeze, each of which can be asked why. */
export const LedgerSum = ({ assessment, cut }: { readonly assessment: Assessment; readonly cut: CutContext }) => {
  const lengths = useLengths()
  const { t } = useTranslation()
  const { ledger, stack, window } = assessment
  const total = lengths.thickness(ledger.total.valueMm)
  const gap = lengths.thickness(window.gapMm)
  const squeeze = lengths.thickness(ledger.squeezeMm)
  return (
    <dl className="mt-1 ml-auto w-full max-w-80 pr-32 text-right">
      <Line label={t('plan.ledger.total')}>
        <Why about={t('plan.ledger.total')} shown={total}>
          <p>{t('plan.ledger.whyTotal', { spread: lengths.thickness(heightOf(stack).spreadMm) })}</p>
          <p>
            {ledger.lines.map((line) => lengths.thickness(line.thickness.valueMm)).join(' + ')} = {total}
          </p>
        </Why>
      </Line>
      <Line
        label={
          <>
            − <Term id="gap">{t('plan.ledger.gap')}</Term>
          </>
        }
      >
        <Why about={t('plan.ledger.gap')} shown={gap}>
          <GapReason window={window} cut={cut} />
        </Why>
      </Line>
      <Line
        label={
          <>
            = <Term id="squeeze">{t('plan.ledger.squeeze')}</Term>
          </>
        }
        strong
      >
        <Why about={t('plan.ledger.squeeze')} shown={squeeze}>
          <p>{t('plan.ledger.whySqueeze')}</p>
          <p>{t('plan.ledger.sum', { total, gap, squeeze })}</p>
        </Why>
      </Line>
    </dl>
  )
}
