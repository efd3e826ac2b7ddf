import { type CutContext, gluedCount, gluingOrder, type PlacedPlan, platesIn } from '@bold-heron/core'
import { useTranslation } from 'react-i18next'
import { jobPath } from '../../data/job-address.js'
import { SurerBy } from '../../pressing/SurerBy.js'
import { layerName } from '../../pressing/stack/layer-name.js'
import { WhyNone } from '../../pressing/WhyNone.js'
import { useLengths } from '../../text/lengths.js'
import { sayChance } from '../../text/say-cut.js'
import { sayFinding } from '../../text/say-finding.js'
import { ButtonLink } from '../../ui/Button.js'
import { SeverityMark } from '../../ui/SeverityMark.js'
import { Loaded } from '../../ui/states.js'
import { KeepBlock } from './KeepBlock.js'

const Found = ({
  planned: { plan, beside },
  cut,
  jobId,
}: {
  readonly planned: PlacedPlan
  readonly cut: CutContext
  readonly jobId: string
}) => {
  const lengths = useLengths()
  const { t } = useTranslation()
  const { best } = plan
  if (!best)
    return (
      <div>
        <p className="font-bold">{t('place.press.none')}</p>
        <p>
          {plan.missingRoles.length > 0
            ? t('place.press.noneWhy', {
                roles: plan.missingRoles.map((role) => t(`words.role.${role as 'bed'}`)).join(', '),
              })
            : plan.beyondTheHand
              ? t('place.press.noneHand')
              : plan.why && <WhyNone why={plan.why} />}
        </p>
      </div>
    )
  const passes = best.prediction?.recommended ?? best.passes.passes
  const last = best.prediction?.passes[passes - 1]
  const gluedBlock = platesIn(best.stack).find(({ id }) => gluedCount(id))
  const glued = gluedBlock && gluedCount(gluedBlock.id)
  const order = glued && gluingOrder(glued.count)
  return (
    <div className="space-y-2">
      <p className="text-lg font-bold">
        {t('place.press.passes', { count: passes })} ·{' '}
        {t('place.press.squeeze', { squeeze: lengths.thickness(best.ledger.squeezeMm) })}
        {last && <> · {t('place.press.feel', { feel: t(`words.predictedFeel.${last.feel}`) })}</>}
      </p>
      {last && <p>{t('place.press.chance', { chance: sayChance(t, last.chance) })}</p>}
      <SurerBy assessment={best} cut={cut} jobId={jobId} />
      <table className="w-full">
        <caption className="text-left font-bold">{t('place.press.stack')}</caption>
        <tbody>
          {[...best.ledger.lines].reverse().map((line, at) => (
            <tr key={at} className="border-b border-line">
              <td className="py-0.5">{layerName(t, line.layer)}</td>
              <td className="text-right whitespace-nowrap">{lengths.thickness(line.thickness.valueMm)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {order && (
        <p>
          {t('place.press.glue', { packets: order.packets, singles: order.singles, tries: order.tries.join(', ') })}{' '}
          <span className="text-sm text-ink-soft">{t('place.press.glueCommon')}</span>
        </p>
      )}
      {gluedBlock && <KeepBlock key={gluedBlock.id} block={gluedBlock} />}
      {beside && (
        <section>
          <h2 className="font-bold text-base">{t('place.press.beside')}</h2>
          <p>
            {beside.clearMm > 0
              ? t('place.press.clear', { clear: lengths.thickness(beside.clearMm) })
              : t('place.press.touches', { squeeze: lengths.thickness(-beside.clearMm) })}{' '}
            {t('place.press.dent', { chance: sayChance(t, beside.dentChance) })}
          </p>
          <p>
            {beside.dentsToMm > 0
              ? t('place.press.bevel', { cuts: lengths.place(beside.cutsToMm), dents: lengths.place(beside.dentsToMm) })
              : t('place.press.square')}
          </p>
        </section>
      )}
      <ul className="space-y-0.5">
        {best.findings.map((finding, at) => (
          <li key={at}>
            <SeverityMark severity={finding.severity} /> {sayFinding(t, lengths, finding).say}
          </li>
        ))}
        <li className="font-bold">{t('place.press.fights')}</li>
        <li>{t('place.press.booklet')}</li>
      </ul>
      <p className="text-sm text-ink-soft">{t('place.press.map')}</p>
    </div>
  )
}

/** What the press says of the run in hand: stack, passes, feel, and what happens beside what is pressed. */
export const PressPanel = ({
  query,
  cut,
  jobId,
  isKept,
}: {
  readonly query: Parameters<typeof Loaded<PlacedPlan>>[0]['query']
  readonly cut: CutContext
  readonly jobId: string
  readonly isKept: boolean
}) => {
  const { t } = useTranslation()
  return (
    <div className="space-y-3">
      <Loaded query={query} what={t('place.press.planning')}>
        {(planned) => <Found planned={planned} cut={cut} jobId={jobId} />}
      </Loaded>
      {isKept ? (
        <div className="flex flex-wrap gap-2">
          <ButtonLink to={jobPath(jobId, 'plan')}>{t('place.press.toPlan')}</ButtonLink>
          <ButtonLink to={jobPath(jobId, 'bench')}>{t('place.press.toBench')}</ButtonLink>
        </div>
      ) : (
        <p className="text-ink-soft">{t('place.press.keepFirst')}</p>
      )}
    </div>
  )
}
