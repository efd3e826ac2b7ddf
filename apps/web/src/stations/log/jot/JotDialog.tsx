import { changedLayers, type JotChange, jotChanges, latestOfEach, type Seen, toldOf, yieldOf } from '@bold-heron/core'
import { jottedRun, type RunRow, toSheet } from '@bold-heron/schema'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { useAddRow, useEveryRow, useMarkRow, useRowsById, useRowsPage } from '../../../data/rows.js'
import { DieThumb } from '../../../drawing/DieThumb.js'
import { sayPressed } from '../../../text/say-pressed.js'
import { Button } from '../../../ui/Button.js'
import { Choice } from '../../../ui/Choice.js'
import { classes } from '../../../ui/classes.js'
import { Modal } from '../../../ui/Modal.js'
import { Loaded } from '../../../ui/states.js'
import { useSay } from '../../../ui/toasts.js'
import { useSayTrouble } from '../../../ui/use-say-trouble.js'

/** Runs looked through, and how many of them are offered. */
const LOOKED_THROUGH = 60
const OFFERED = 6

/** What may lie in the press again, the latest first. */
const Before = ({
  runs,
  value,
  onPick,
}: {
  readonly runs: readonly RunRow[]
  readonly value: RunRow | undefined
  readonly onPick: (run: RunRow) => void
}) => {
  const dies = useRowsById('dies')
  const { t } = useTranslation()
  return (
    <div role="radiogroup" aria-label={t('log.jot.before')} className="grid gap-1.5 sm:grid-cols-2">
      {runs.map((run) => {
        const die = dies.get(run.dieIds[0] ?? '')
        return (
          <button
            key={run.id}
            type="button"
            role="radio"
            aria-checked={run === value}
            onClick={() => onPick(run)}
            className={classes(
              'flex min-h-14 items-center gap-2 rounded-md border px-2 py-1 text-left leading-tight',
              run === value ? 'border-2 border-accent bg-warn-wash/50' : 'border-line hover:bg-sunk/50',
            )}
          >
            {die && <DieThumb die={die} />}
            <span className="min-w-0 text-sm">{sayPressed(t, run)}</span>
          </button>
        )
      })}
    </div>
  )
}

/** "Usual stack, one sheet more, clean": a run in the log in three taps, without a job. */
const JotDialog = ({ onClose }: { readonly onClose: () => void }) => {
  const { t } = useTranslation()
  const say = useSay()
  const sayTrouble = useSayTrouble()
  const add = useAddRow('runs')
  const mark = useMarkRow('runs')
  const query = useRowsPage('runs', { pageSize: LOOKED_THROUGH })
  const shelf = useEveryRow('plates').data ?? []
  const [picked, setPicked] = useState<RunRow>()
  const [change, setChange] = useState<JotChange>('same')
  const offered = latestOfEach(query.data?.items ?? [], OFFERED)
  const run = picked ?? offered[0]
  const possible = jotChanges.filter((each) => run && changedLayers(run.layers, each, shelf))
  const dies = useRowsById('dies')
  const sheets = useRowsById('sheets')
  // What was laid out on a card, or along a strip, is a piece a sheet.
  const piecesOf = ({ dieIds, sheetId, sheetCount, placement, joins }: RunRow): number => {
    const sheet = sheets.get(sheetId)
    const its = dieIds.flatMap((id) => dies.get(id) ?? [])
    return placement || joins || !sheet ? sheetCount : yieldOf(its, toSheet(sheet), sheetCount).pieces
  }
  const jot = async (seen: Seen) => {
    const input = run && jottedRun(run, change, seen, shelf, new Date(), piecesOf(run))
    if (!input) return
    try {
      const { id } = await add.mutateAsync(input)
      say(t('log.jot.said'), { undo: () => mark.mutate({ id, mark: 'delete' }) })
      onClose()
    } catch (error) {
      sayTrouble(error)
    }
  }
  return (
    <Modal open wide onClose={onClose} title={t('log.jot.title')} description={t('log.jot.text')}>
      <Loaded query={query} what={t('log.loading')}>
        {() =>
          run ? (
            <div className="space-y-4">
              <Before runs={offered} value={run} onPick={setPicked} />
              <Choice<JotChange>
                label={t('log.jot.change')}
                value={possible.includes(change) ? change : 'same'}
                onChange={setChange}
                options={possible.map((each) => ({ value: each, text: t(`log.jot.changes.${each}`) }))}
              />
              <div>
                <p className="mb-1 font-bold">{t('log.jot.look')}</p>
                <div className="flex flex-wrap gap-2">
                  {toldOf(run.technique).looks.map((seen) => (
                    <Button
                      key={seen}
                      look={seen === toldOf(run.technique).asWanted ? 'next' : 'plain'}
                      disabled={add.isPending}
                      onClick={() => void jot(seen)}
                    >
                      {t(`words.seen.${seen}`)}
                    </Button>
                  ))}
                </div>
              </div>
            </div>
          ) : (
            <p>{t('log.jot.none')}</p>
          )
        }
      </Loaded>
    </Modal>
  )
}
export default JotDialog
