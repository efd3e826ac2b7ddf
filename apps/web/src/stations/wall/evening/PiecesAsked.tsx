import { jobOfRun, type JobRow } from '@bold-heron/schema'
import { Plus } from 'lucide-react'
import { useState } from 'react'
import { Trans, useTranslation } from 'react-i18next'
import { useAskedRun } from '../../../data/asked-run.js'
import { useAddRow, useEveryRow } from '../../../data/rows.js'
import { RowPicker } from '../../../drawing/pick/RowPicker.js'
import { Button } from '../../../ui/Button.js'
import { NumberBox } from '../../../ui/form/NumberBox.js'
import { SaveTrouble } from '../../../ui/form/SaveTrouble.js'

/** Most pieces that are asked for at once. */
const MOST_PIECES = 9999

/** Pieces by die and sheet that no job is for yet: they become one. */
export const PiecesAsked = ({
  pressId,
  onMade,
}: {
  readonly pressId: string
  readonly onMade: (job: JobRow) => void
}) => {
  const { t } = useTranslation()
  const add = useAddRow('jobs')
  const sheets = useEveryRow('sheets').data ?? []
  const [wanted, setWanted] = useState(12)
  const { dieId, pickDie, sheetId, pickSheet, die, run } = useAskedRun()
  const sheet = sheets.find(({ id }) => id === sheetId)
  const make = async () => {
    if (!die || !sheet || !run) return
    const name = t('wall.evening.asked.job', { die: die.name, sheet: sheet.name })
    const made = await add.mutateAsync({ ...jobOfRun({ name, pressId }, run), wanted }).catch(() => undefined)
    if (!made) return
    onMade(made)
    pickDie('')
    pickSheet('')
  }
  return (
    <div className="flex flex-wrap items-center gap-3 rounded border border-line px-3 py-2">
      <label className="flex items-center gap-2">
        {t('wall.evening.asked.count')}
        <NumberBox
          least={1}
          most={MOST_PIECES}
          value={wanted}
          onChange={setWanted}
          className="min-h-11 w-20 rounded border border-ink/50 bg-field px-2"
        />
      </label>
      <p className="leading-9">
        <Trans
          i18nKey="wall.evening.asked.sentence"
          components={{
            die: (
              <RowPicker
                kind="dies"
                look="word"
                label={t('wall.evening.asked.die')}
                blank={t('wall.evening.asked.whichDie')}
                value={dieId}
                onPick={pickDie}
              />
            ),
            sheet: (
              <RowPicker
                kind="sheets"
                look="word"
                label={t('wall.evening.asked.sheet')}
                blank={t('wall.evening.asked.whichSheet')}
                value={sheetId}
                onPick={pickSheet}
              />
            ),
          }}
        />
      </p>
      <Button
        icon={<Plus aria-hidden size={18} />}
        disabled={!run || !sheet || add.isPending}
        onClick={() => void make()}
        className="ml-auto"
      >
        {t('wall.evening.asked.add')}
      </Button>
      <SaveTrouble error={add.error} />
    </div>
  )
}
