import type { CsvReport } from '@bold-heron/schema'
import { sayFault, speak } from '@bold-heron/words'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { type CsvTable, csvTables, useFiles } from '../../data/files.js'
import { DownloadLink } from '../../ui/Button.js'
import { FilePicker } from '../../ui/FilePicker.js'
import { Modal } from '../../ui/Modal.js'
import { Panel } from '../../ui/Panel.js'
import { Progress } from '../../ui/Progress.js'
import { useSay } from '../../ui/toasts.js'
import { useSayTrouble } from '../../ui/use-say-trouble.js'

/** Every refused row and what is wrong with it. */
const RefusedRows = ({ report, onClose }: { readonly report: CsvReport; readonly onClose: () => void }) => {
  const { t, i18n } = useTranslation()
  return (
    <Modal
      open
      wide
      onClose={onClose}
      title={t('workshop.files.csvRefusedTitle')}
      description={t('workshop.files.csvRefusedText')}
    >
      {report.refusedRows > report.refused.length && (
        <p className="mb-2">
          {t('workshop.files.csvRefusedMore', { told: report.refused.length, count: report.refusedRows })}
        </p>
      )}
      <dl className="space-y-2">
        {report.refused.map(({ row, faults }) => (
          <div key={row} className="border-t border-line pt-2">
            <dt className="font-bold">
              {row === 0 ? t('workshop.files.csvHeading') : t('workshop.files.csvRow', { row })}
            </dt>
            {faults.map((fault, at) => (
              <dd key={at}>{sayFault(speak(i18n.language), fault)}</dd>
            ))}
          </div>
        ))}
      </dl>
    </Modal>
  )
}

/** Tables for spreadsheets, out and in. */
export const CsvPanel = () => {
  const { t } = useTranslation()
  const say = useSay()
  const sayTrouble = useSayTrouble()
  const files = useFiles()
  const [refused, setRefused] = useState<CsvReport>()
  const [share, setShare] = useState<number>()
  const read = async (table: CsvTable, text: string) => {
    setShare(0)
    try {
      const report = await files.readCsv(table, text, setShare)
      if (report.imported)
        say(t('workshop.files.csvDone', { rows: report.rows, added: report.added, changed: report.changed }))
      else setRefused(report)
    } catch (error) {
      sayTrouble(error)
    } finally {
      setShare(undefined)
    }
  }
  return (
    <Panel title={t('workshop.files.csvTitle')}>
      <p className="mb-2 text-ink-soft">{t('workshop.files.csvText')}</p>
      <ul>
        {csvTables.map((table) => {
          const what = t(`workshop.files.tables.${table}`)
          return (
            <li key={table} className="flex items-center justify-between gap-3 border-t border-line py-2">
              <span className="font-bold first-letter:uppercase">{what}</span>
              <span className="flex gap-2">
                <DownloadLink
                  href={`/api/csv/${table}`}
                  download={`${table}.csv`}
                  aria-label={t('workshop.files.csvSave', { what })}
                >
                  {t('workshop.files.saveShort')}
                </DownloadLink>
                <FilePicker
                  accept=".csv,text/csv"
                  label={t('workshop.files.readShort')}
                  spoken={t('workshop.files.csvRead', { what })}
                  onFile={(file) => void file.text().then((text) => read(table, text))}
                />
              </span>
            </li>
          )
        })}
      </ul>
      {share !== undefined && <Progress share={share} what={t('workshop.files.reading')} />}
      {refused && <RefusedRows report={refused} onClose={() => setRefused(undefined)} />}
    </Panel>
  )
}
