import type { EveningAnswer, EveningRow } from '@bold-heron/schema'
import { useTranslation } from 'react-i18next'
import { useLengths } from '../../../text/lengths.js'
import { sayMinutes, sayMoment } from './said.js'

/** What the evening comes to: when it ends, what hands do, how good the order is. */
export const EveningTotals = ({ row, plan }: { readonly row: EveningRow; readonly plan: EveningAnswer }) => {
  const { t } = useTranslation()
  const off = plan.bound > 0 ? Math.round(100 * (plan.cost / plan.bound - 1)) : 0
  return (
    <div className="flex flex-wrap gap-x-8 gap-y-2">
      <dl className="flex flex-wrap gap-x-8 gap-y-2">
        {(
          [
            ['finish', `${sayMoment(t, plan.finishMin, row.beginsAt)}`],
            ['runsAll', t('wall.evening.runsAndPasses', { runs: plan.runs, passes: plan.passes })],
            ['turns', t('wall.evening.turnsOf', { count: Math.round(plan.turns) })],
            ['changesAll', t('wall.evening.layers', { count: plan.changes })],
            ['late', plan.lateMin > 0 ? sayMinutes(t, plan.lateMin) : t('wall.evening.notLate')],
          ] as const
        ).map(([what, said]) => (
          <div key={what}>
            <dt className="text-sm text-ink-soft">{t(`wall.evening.total.${what}`)}</dt>
            <dd className="text-lg font-bold tabular-nums">{said}</dd>
          </div>
        ))}
      </dl>
      <div className="self-end text-sm text-ink-soft">
        {plan.proven ? t('wall.evening.proven') : t('wall.evening.atMost', { count: off })}
        {!plan.proven && plan.lateMin > plan.lateBoundMin + 0.5 && (
          <> {t('wall.evening.lateAtLeast', { late: sayMinutes(t, plan.lateBoundMin) })}</>
        )}
      </div>
    </div>
  )
}

/** Each job with how far it is by the log, and when it will be done. */
export const JobProgress = ({ row, plan }: { readonly row: EveningRow; readonly plan: EveningAnswer }) => {
  const { t } = useTranslation()
  return (
    <ul className="grid gap-x-6 gap-y-1 md:grid-cols-2">
      {row.progress.map(({ jobId, name, wanted, cut, spoilt }) => {
        const done = plan.jobs.find((job) => job.jobId === jobId)
        return (
          <li key={jobId}>
            <div className="flex justify-between gap-2">
              <span>{name}</span>
              <span className="tabular-nums">
                {t('wall.evening.cutOf', { cut, wanted })}
                {spoilt > 0 && ` · ${t('wall.evening.spoilt', { count: spoilt })}`}
                {done && ` · ${t('wall.evening.doneAt', { at: sayMoment(t, done.doneMin, row.beginsAt) })}`}
                {done && done.lateMin > 0.5 && (
                  <b className="text-danger"> ▲ {t('wall.evening.lateBy', { late: sayMinutes(t, done.lateMin) })}</b>
                )}
              </span>
            </div>
            <div className="h-2 border border-ink/40 bg-sunk" aria-hidden>
              <div
                className="h-full bg-clean"
                style={{ width: `${Math.min(100, (100 * cut) / Math.max(1, wanted))}%` }}
              />
            </div>
          </li>
        )
      })}
    </ul>
  )
}

/** Sheets to cut up and to buy, and what the pads will bear. */
export const Materials = ({ plan }: { readonly plan: EveningAnswer }) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  return (
    <div className="grid gap-6 md:grid-cols-2">
      <section>
        <h3 className="text-xl">{t('wall.evening.sheets')}</h3>
        <ul className="space-y-1">
          {plan.sheets.map((sheet, at) => (
            <li key={at}>
              <b>{plan.names[sheet.sheetId]}</b>:{' '}
              {t('wall.evening.blanks', {
                count: sheet.blanks,
                size: lengths.area(sheet.blankMm[0], sheet.blankMm[1]),
              })}{' '}
              {sheet.fromLeftovers > 0 && `${t('wall.evening.fromLeftovers', { count: sheet.fromLeftovers })} `}
              {t('wall.evening.cutUp', { count: sheet.sheets, each: sheet.perSheet })}
              {sheet.toBuy > 0 && <b className="text-danger"> ▲ {t('wall.evening.toBuy', { count: sheet.toBuy })}</b>}
            </li>
          ))}
        </ul>
      </section>
      <section>
        <h3 className="text-xl">{t('wall.evening.pads')}</h3>
        <ul>
          {plan.padWear.map(({ plateId, cutMm, passes }) => (
            <li key={plateId}>
              <b>{plan.names[plateId]}</b>: {t('wall.evening.padBears', { length: lengths.long(cutMm), count: passes })}
            </li>
          ))}
        </ul>
      </section>
    </div>
  )
}
