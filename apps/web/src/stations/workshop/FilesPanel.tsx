import { Download, Upload } from 'lucide-react'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { fetchWorkshop, useFiles } from '../../data/files.js'
import { sayDay } from '../../text/dates.js'
import { Confirm } from '../../ui/Confirm.js'
import { DownloadLink } from '../../ui/Button.js'
import { FilePicker } from '../../ui/FilePicker.js'
import { Panel } from '../../ui/Panel.js'
import { Progress } from '../../ui/Progress.js'
import { useSay } from '../../ui/toasts.js'
import { useSayTrouble } from '../../ui/use-say-trouble.js'
import { workshopFiles } from '../../workers/file.js'
import type { FileInBrief } from '../../workers/file.worker.js'

/** Puts a workshop in the place of the present one, with a way back; `share` is how far that is, where it is under way. */
export const useReplaceWorkshop = () => {
  const { t } = useTranslation()
  const say = useSay()
  const sayTrouble = useSayTrouble()
  const files = useFiles()
  const [share, setShare] = useState<number>()
  const replaceBy = async (file: Blob): Promise<void> => {
    setShare(0)
    try {
      await files.replaceWorkshop(file, setShare)
    } finally {
      setShare(undefined)
    }
  }
  const replace = async (file: Blob, said: string): Promise<void> => {
    try {
      const before = await fetchWorkshop()
      await replaceBy(file)
      say(said, {
        undo: () => {
          replaceBy(before).then(() => say(t('workshop.files.undone')), sayTrouble)
        },
      })
    } catch (error) {
      sayTrouble(error)
    }
  }
  return { replace, share }
}

/** The whole workshop as one file, out and in. */
export const FilesPanel = () => {
  const { t } = useTranslation()
  const say = useSay()
  const { replace, share } = useReplaceWorkshop()
  const [picked, setPicked] = useState<{ readonly file: Blob; readonly brief: FileInBrief }>()
  const pick = async (file: Blob) => {
    const brief = await workshopFiles().brief(file)
    if (brief) setPicked({ file, brief })
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
          onFile={(file) => void pick(file)}
        />
      </div>
      {share !== undefined && <Progress share={share} what={t('workshop.files.reading')} />}
      <Confirm
        open={picked !== undefined}
        title={t('workshop.files.importTitle')}
        yes={t('workshop.files.importYes')}
        no={t('common.cancel')}
        onNo={() => setPicked(undefined)}
        onYes={() => {
          if (picked) void replace(picked.file, t('workshop.files.imported'))
          setPicked(undefined)
        }}
        danger
      >
        {picked &&
          t('workshop.files.importText', {
            ...picked.brief,
            date: sayDay(picked.brief.exportedAt),
          })}
      </Confirm>
    </Panel>
  )
}
