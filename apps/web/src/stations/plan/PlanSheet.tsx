import type { Assessment, PlanRequest } from '@bold-heron/core'
import { type JobRow, runInHandOf } from '@bold-heron/schema'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { StackSection } from '../../drawing/section/StackSection.js'
import { useLengths } from '../../text/lengths.js'
import { sayFinding } from '../../text/say-finding.js'
import { sayChance, sayCut } from '../../text/say-cut.js'
import { turnedPads } from '../../pressing/say-lie.js'
import { layerName } from '../../pressing/stack/layer-name.js'
import { sayDay } from '../../text/dates.js'
import { sayPressed } from '../../text/say-pressed.js'
import { sayLook } from './say-look.js'

const SECTION = { widthPx: 360, heightPx: 380 }
const BLANK_LINES = 4

/** The plan on paper, for A4 and Letter: shown only in print. */
export const PlanSheet = ({
  job,
  assessment,
  request,
}: {
  readonly job: JobRow
  readonly assessment: Assessment
  readonly request: PlanRequest
}) => {
  const lengths = useLengths()
  const { t } = useTranslation()
  const [madeAt] = useState(() => new Date().toISOString())
  const { stack, ledger, passes, findings, window, prediction } = assessment
  return (
    <article className="hidden print:block">
      <h1 className="text-2xl">{t('plan.print.title', { name: job.name })}</h1>
      <p>
        {sayPressed(t, runInHandOf(job))} · {t('plan.print.made', { date: sayDay(madeAt) })}
      </p>
      <div className="mt-3 flex gap-6">
        <div style={{ width: SECTION.widthPx }}>
          <StackSection
            stack={stack}
            gapMm={window.gapMm}
            rollerRadiusMm={request.cut.press.frame.rollerDiameterMm / 2}
            size={SECTION}
            described={t('plan.stack.title')}
          />
        </div>
        <table className="flex-1 self-start">
          <caption className="text-left font-bold">{t('plan.stack.layers')}</caption>
          <tbody>
            {[...ledger.lines].reverse().map((line, at) => (
              <tr key={at} className="border-b border-black/40">
                <td className="py-1">{layerName(t, line.layer)}</td>
                <td className="text-right">{lengths.thickness(line.thickness.valueMm)}</td>
              </tr>
            ))}
            <tr className="font-bold">
              <td>{t('plan.ledger.total')}</td>
              <td className="text-right">{lengths.thickness(ledger.total.valueMm)}</td>
            </tr>
            <tr>
              <td>− {t('plan.ledger.gap')}</td>
              <td className="text-right">{lengths.thickness(window.gapMm)}</td>
            </tr>
            <tr className="border-t-2 border-black font-bold">
              <td>= {t('plan.ledger.squeeze')}</td>
              <td className="text-right">{lengths.thickness(ledger.squeezeMm)}</td>
            </tr>
          </tbody>
        </table>
      </div>
      <h2 className="mt-4 text-lg">{t('plan.passes.title')}</h2>
      <p>
        {t('plan.passes.first', { count: passes.passes })}. {sayLook(t, request.technique)}
      </p>
      {prediction && (
        <ol className="list-decimal pl-6">
          {prediction.passes.map((pass, at) => (
            <li key={at}>
              {sayCut(t, lengths, pass)} · {t('plan.passes.feel')}: {t(`words.predictedFeel.${pass.feel}`)} ·{' '}
              {t('plan.passes.chance', { chance: sayChance(t, pass.chance) })}
            </li>
          ))}
        </ol>
      )}
      <h2 className="mt-3 text-lg">{t('plan.findings.title')}</h2>
      <ul className="list-disc pl-5">
        {findings.map((finding, at) => (
          <li key={at}>
            {t(`words.severity.${finding.severity}`)}: {sayFinding(t, lengths, finding).say}
          </li>
        ))}
        {turnedPads(t, stack).map(({ name, lie }) => (
          <li key={name}>
            {name}: {lie}
          </li>
        ))}
        <li>{t('plan.always.fights')}</li>
        <li>{t('plan.always.fingers')}</li>
        <li>{t('plan.always.booklet')}</li>
      </ul>
      <h2 className="mt-3 text-lg">{t('plan.print.tried')}</h2>
      {Array.from({ length: BLANK_LINES }, (_, at) => (
        <p key={at} className="mt-2 whitespace-pre">
          {t('plan.print.blank')}
        </p>
      ))}
    </article>
  )
}
