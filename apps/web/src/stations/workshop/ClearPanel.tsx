import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { fetchWorkshop } from '../../data/files.js'
import { takeJobInHand } from '../../data/job-in-hand.js'
import { Button } from '../../ui/Button.js'
import { Confirm } from '../../ui/Confirm.js'
import { Panel } from '../../ui/Panel.js'
import { workshopFiles } from '../../workers/file.js'
import { useReplaceWorkshop } from './FilesPanel.js'

/** Clears shelf, jobs and log, so that a workshop of one's own can begin. */
export const ClearPanel = () => {
  const { t } = useTranslation()
  const [asking, setAsking] = useState(false)
  const { replace } = useReplaceWorkshop()
  const clear = async () => {
    setAsking(false)
    takeJobInHand(undefined)
    await replace(await workshopFiles().emptied(await fetchWorkshop()), t('workshop.clear.done'))
  }
  return (
    <Panel title={t('workshop.clear.title')}>
      <p className="mb-3 text-ink-soft">{t('workshop.clear.text')}</p>
      <Button look="danger" onClick={() => setAsking(true)}>
        {t('workshop.clear.action')}
      </Button>
      <Confirm
        open={asking}
        title={t('workshop.clear.confirmTitle')}
        yes={t('workshop.clear.yes')}
        no={t('common.cancel')}
        onYes={() => void clear()}
        onNo={() => setAsking(false)}
        danger
      >
        {t('workshop.clear.confirmText')}
      </Confirm>
    </Panel>
  )
}
