import { afterwardsOf, isCut } from '@bold-heron/core'
import { runInHandOf, sheetOfRun } from '@bold-heron/schema'
import { useTranslation } from 'react-i18next'
import { useRow, useRowsById } from '../../../data/rows.js'
import { Parting } from '../../../drawing/outline/Parting.js'
import { countersOf } from '../../../pressing/counters-of.js'
import type { ShownFinishing } from './finishing.js'

/** What is done with what went through the press with the sheet: peeled, lifted off, or parted; and with what fell out of it. */
export const AfterParts: ShownFinishing = ({ job }) => {
  const { t } = useTranslation()
  const run = runInHandOf(job)
  const sheet = useRow('sheets', run.sheetId).data
  const dies = useRowsById('dies')
  const { waxedPaper } = run
  const after = sheet ? afterwardsOf(sheetOfRun(sheet, { leftover: undefined, waxedPaper })) : []
  return (
    <>
      {after.map((each) => (
        <div key={each}>
          <h3 className="font-bold">{t(`bench.afterParts.${each}.title`)}</h3>
          <p>{t(`bench.afterParts.${each}.text`)}</p>
        </div>
      ))}
      {[...new Set(run.dieIds)].flatMap((id) => {
        const die = dies.get(id)
        return isCut(run) && die ? [<Parting key={id} row={die} />] : []
      })}
      {run.keepsCounters && (
        <div>
          <h3 className="font-bold">{t('bench.afterParts.counters.title')}</h3>
          <p>{t('bench.afterParts.counters.text', { count: countersOf(run, dies) })}</p>
        </div>
      )}
    </>
  )
}
