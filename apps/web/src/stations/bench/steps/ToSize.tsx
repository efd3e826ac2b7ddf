import { wayToCutToSize } from '@bold-heron/core'
import { runInHandOf } from '@bold-heron/schema'
import { useTranslation } from 'react-i18next'
import { useRow } from '../../../data/rows.js'
import { CutMarks } from '../../../pressing/CutMarks.js'
import { useLengths } from '../../../text/lengths.js'
import { BenchTitle } from './BenchTitle.js'
import { Care } from './Care.js'
import type { ShownStep } from './step.js'

/** Cut the sheet to size: how large, how many, and where. */
export const ToSize: ShownStep<'to-size'> = ({ job }) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const { sheetId, sheetCount, cutToSize } = runInHandOf(job)
  const sheet = useRow('sheets', sheetId).data
  const way = sheet && cutToSize && wayToCutToSize(sheet, cutToSize)
  return (
    <>
      <BenchTitle>{t('bench.toSize.title')}</BenchTitle>
      {sheet && cutToSize && (
        <p>
          {t('bench.toSize.text', {
            count: sheetCount,
            sheet: sheet.name,
            size: lengths.area(cutToSize.lengthMm, cutToSize.widthMm),
          })}
        </p>
      )}
      {way && <CutMarks way={way} />}
      <p>{t('bench.toSize.torn')}</p>
      <Care>{t('bench.toSize.care')}</Care>
    </>
  )
}
