import { type WorkshopFile, workshopFile } from '@bold-heron/schema'
import { Download, Upload } from 'lucide-react'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { sayTrouble } from '../../text/say-trouble.js'
import { fetchWorkshop, useFiles } from '../../data/files.js'
import { sayDay } from '../../text/dates.js'
import { Confirm } from '../../ui/Confirm.js'
import { DownloadLink } from '../../ui/Button.js'
import { FilePicker } from '../../ui/FilePicker.js'
import { Panel } from '../../ui/Panel.js'
import { useSay } from '../../ui/toasts.js'

const parsed = (text: string): WorkshopFile | undefined => {
  try {
    const read = workshopFile.safeParse(JSON.parse(text))
    return read.success ? read.data : undefined
  } catch {
    return undefined
  }
}

/** Puts a workshop in the place of the present one, with a way back. */
export const useReplaceWorkshop = () => {
  const { t } = useTranslation()
  const say = useSay()
  const files = useFiles()
  return async (file: WorkshopFile, said: string): Promise<void> => {
    try {
      const before = await fetchWorkshop()
      await files.replaceWorkshop(file)
      say(said, {
        undo: () => void files.replaceWorkshop(before).then(() => say(t('workshop.files.undone'))),
      })
    } catch (error) {
      say(sayTrouble(t, error), { tone: 'danger' })
    }
  }
}

/** The whole workshop as one file, out and in. */
export const FilesPanel = () => {
  const { t } = useTranslation()
  const say = useSay()
  const replace = useReplaceWorkshop()
  const [picked, setPicked] = useState<WorkshopFile>()
  const pick = (text: string) => {
    const file = parsed(text)
    if (file) setPicked(file)
    else say(t('workshop.files.notAFile'), { tone: 'danger' })
  }
  return (
    <Panel title={t('workshop.files.title')}>
      <p className="mb-3 text-ink-soft">{t('workshop.files.text')}</p>
      <div className="flex flex-wrap gap-2">
        <DownloadLink
          href="/api/workshop"
          download="workshop.bold-heron.json"
          icon={<Download aria-hidden size={18} />}
        >
          {t('workshop.files.export')}
        </DownloadLink>
        <FilePicker
          accept=".json,application/json"
          label={t('workshop.files.import')}
          icon={<Upload aria-hidden size={18} />}
          onFile={(file) => void file.text().then(pick)}
        />
      </div>
      <Confirm
        open={picked !== undefined}
        title={t('workshop.files.importTitle')}
        yes={t('workshop.files.importYes')}
        no={t('common.cancel')}
        onNo={() => setPicked(undefined)}
        onYes={() => {
          if (picked) void replace(picked, t('workshop.files.imported'))
          setPicked(undefined)
        }}
        danger
      >
        {picked &&
          t('workshop.files.importText', {
            date: sayDay(picked.exportedAt),
            plates: picked.plates.length,
            presses: picked.presses.length,
            dies: picked.dies.length,
            sheets: picked.sheets.length,
            jobs: picked.jobs.length,
            runs: picked.runs.length,
          })}
      </Confirm>
    </Panel>
  )
}
