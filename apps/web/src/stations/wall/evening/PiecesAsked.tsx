import { jobOfRun, type JobRow } from '@bold-heron/schema'
import { Plus } from 'lucide-react'
import { useState } from 'react'
import { Trans, useTranslation } from 'react-i18next'
import { useHouseRules } from '../../../data/house-rules.js'
import { plainRunOf } from '../../../data/plain-run.js'
import { useAddRow, useEveryRow, useNewestRunWith } from '../../../data/rows.js'
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
  const rules = useHouseRules().data
  const add = useAddRow('jobs')
  const dies = useEveryRow('dies').data ?? []
  const sheets = useEveryRow('sheets').data ?? []
  const [wanted, setWanted] = useState(12)
  const [dieId, setDieId] = useState('')
  const [pickedSheetId, setSheetId] = useState('')
  // What the die was last pressed with is likely what is wanted again.
  const last = useNewestRunWith(dieId).data
  const sheetId = pickedSheetId || (last?.sheetId ?? '')
  const die = dies.find(({ id }) => id === dieId)
  const sheet = sheets.find(({ id }) => id === sheetId)
  const run = die && sheet && plainRunOf(die, sheetId, rules)
  const make = async () => {
    if (!run) return
    const name = t('wall.evening.asked.job', { die: die.name, sheet: sheet.name })
    const made = await add.mutateAsync({ ...jobOfRun({ name, pressId }, run), wanted }).catch(() => undefined)
    if (!made) return
    onMade(made)
    setDieId('')
    setSheetId('')
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
                onPick={setDieId}
              />
            ),
            sheet: (
              <RowPicker
                kind="sheets"
                look="word"
                label={t('wall.evening.asked.sheet')}
                blank={t('wall.evening.asked.whichSheet')}
                value={sheetId}
                onPick={setSheetId}
              />
            ),
          }}
        />
      </p>
      <Button
        icon={<Plus aria-hidden size={18} />}
        disabled={!run || add.isPending}
        onClick={() => void make()}
        className="ml-auto"
      >
        {t('wall.evening.asked.add')}
      </Button>
      <SaveTrouble error={add.error} />
    </div>
  )
}
