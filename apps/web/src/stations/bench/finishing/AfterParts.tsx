import { afterwardsOf } from '@bold-heron/core'
import { runInHandOf, toSheet } from '@bold-heron/schema'
import { useTranslation } from 'react-i18next'
import { useRow } from '../../../data/rows.js'
import type { ShownFinishing } from './finishing.js'

/** What is done with what went through the press with the sheet: peeled, lifted off, or parted. */
export const AfterParts: ShownFinishing = ({ job }) => {
  const { t } = useTranslation()
  const sheet = useRow('sheets', runInHandOf(job).sheetId).data
  const after = sheet ? afterwardsOf(toSheet(sheet)) : []
  return after.map((each) => (
    <div key={each}>
      <h3 className="font-bold">{t(`bench.afterParts.${each}.title`)}</h3>
      <p>{t(`bench.afterParts.${each}.text`)}</p>
    </div>
  ))
}
