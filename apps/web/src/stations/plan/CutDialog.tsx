import {
  type Assessment,
  type HandleFeel,
  handleFeels,
  type HangingPlace,
  hangingPlaces,
  isGood,
  type Round,
  type Seen,
  seenOutcomes,
} from '@bold-heron/core'
import type { JobRow } from '@bold-heron/schema'
import { Plus, X } from 'lucide-react'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { useNavigate } from 'react-router'
import { useAddRow } from '../../data/rows.js'
import { SeenPicture } from '../../drawing/SeenPicture.js'
import { Button, IconButton } from '../../ui/Button.js'
import { Choice } from '../../ui/Choice.js'
import { classes } from '../../ui/classes.js'
import { boxClass, Field } from '../../ui/form/fields.js'
import { Modal } from '../../ui/Modal.js'
import { Failure } from '../../ui/states.js'
import { useSay } from '../../ui/toasts.js'
import { runOf } from './run-of.js'

const shares = { little: 0.05, some: 0.25, half: 0.6 } as const
type ShareName = keyof typeof shares

/** A word of advice on what was seen and felt; too hard always leads to taking out. */
const adviceOn = ({ seen, feel }: Round) => {
  if (feel === 'stopped' || feel === 'hard') return 'plan.cut.stopped'
  if (seen === 'hanging') return 'plan.cut.hung'
  if (seen === 'cut-into-pad') return 'plan.cut.pad'
  return seen === 'clean' ? undefined : 'plan.cut.dented'
}

const RoundFields = ({
  number,
  round,
  onChange,
  onDrop,
}: {
  readonly number: number
  readonly round: Round
  readonly onChange: (round: Round) => void
  readonly onDrop: (() => void) | undefined
}) => {
  const { t } = useTranslation()
  const advice = adviceOn(round)
  const shareName = (Object.keys(shares) as ShareName[]).find((name) => shares[name] === round.hangingShare) ?? 'little'
  const see = (seen: Seen) =>
    onChange({
      ...round,
      seen,
      hangingShare: seen === 'hanging' ? (round.hangingShare ?? shares.little) : null,
      hangingPlace: seen === 'hanging' ? (round.hangingPlace ?? 'ends') : null,
    })
  return (
    <fieldset className="rounded-md border border-line p-3">
      <legend className="flex items-center gap-2 px-1 font-bold">
        {t('plan.cut.round', { number })}
        {onDrop && (
          <IconButton label={t('plan.cut.dropRound')} onClick={onDrop}>
            <X aria-hidden size={16} />
          </IconButton>
        )}
      </legend>
      <div className="space-y-3">
        <Field label={t('plan.cut.passes')}>
          {(ids) => (
            <input
              {...ids}
              type="number"
              min={1}
              max={20}
              className={classes(boxClass, 'max-w-24')}
              value={round.passes}
              onChange={(event) =>
                onChange({ ...round, passes: Math.min(20, Math.max(1, Math.trunc(event.target.valueAsNumber) || 1)) })
              }
            />
          )}
        </Field>
        <fieldset>
          <legend className="font-bold">{t('plan.cut.seen')}</legend>
          <div className="mt-1 grid grid-cols-2 gap-2 sm:grid-cols-5">
            {seenOutcomes.map((seen) => (
              <label
                key={seen}
                className={classes(
                  'flex min-h-11 flex-col items-center gap-1 rounded-md border-2 p-2 text-center leading-tight has-focus-visible:outline-3 has-focus-visible:outline-accent',
                  round.seen === seen ? 'border-ink bg-sunk font-bold' : 'border-line bg-white',
                )}
              >
                <input
                  type="radio"
                  name={`seen-${number}`}
                  className="sr-only"
                  checked={round.seen === seen}
                  onChange={() => see(seen)}
                />
                <SeenPicture seen={seen} />
                {t(`words.seen.${seen}`)}
              </label>
            ))}
          </div>
        </fieldset>
        {round.seen === 'hanging' && (
          <div className="flex flex-wrap gap-4">
            <Field label={t('plan.cut.where')}>
              {(ids) => (
                <select
                  {...ids}
                  className={boxClass}
                  value={round.hangingPlace ?? 'ends'}
                  onChange={(event) => onChange({ ...round, hangingPlace: event.target.value as HangingPlace })}
                >
                  {hangingPlaces.map((place) => (
                    <option key={place} value={place}>
                      {t(`words.hangingPlace.${place}`)}
                    </option>
                  ))}
                </select>
              )}
            </Field>
            <Field label={t('plan.cut.share')}>
              {(ids) => (
                <select
                  {...ids}
                  className={boxClass}
                  value={shareName}
                  onChange={(event) => onChange({ ...round, hangingShare: shares[event.target.value as ShareName] })}
                >
                  {(Object.keys(shares) as ShareName[]).map((name) => (
                    <option key={name} value={name}>
                      {t(`plan.cut.shares.${name}`)}
                    </option>
                  ))}
                </select>
              )}
            </Field>
          </div>
        )}
        <div>
          <p className="font-bold">{t('plan.cut.feel')}</p>
          <Choice<HandleFeel>
            label={t('plan.cut.feel')}
            value={round.feel}
            onChange={(feel) => onChange({ ...round, feel })}
            options={handleFeels.map((feel) => ({ value: feel, text: t(`words.feel.${feel}`) }))}
          />
        </div>
        {advice && <p className="rounded-md border border-warn/40 bg-warn-wash px-3 py-2 text-warn">{t(advice)}</p>}
      </div>
    </fieldset>
  )
}

const firstRound = (passes: number): Round => ({
  passes,
  seen: 'clean',
  hangingShare: null,
  hangingPlace: null,
  feel: 'firm',
})

/** Writes into the log how a pressing came out. */
export const CutDialog = ({
  job,
  assessment,
  onClose,
}: {
  readonly job: JobRow
  readonly assessment: Assessment
  readonly onClose: () => void
}) => {
  const { t } = useTranslation()
  const navigate = useNavigate()
  const say = useSay()
  const add = useAddRow('runs')
  const [rounds, setRounds] = useState<readonly Round[]>([firstRound(assessment.passes.passes)])
  const [pieces, setPieces] = useState(job.sheetCount)
  const [note, setNote] = useState('')
  const good = isGood((rounds.at(-1) as Round).seen)
  const save = async () => {
    const run = await add
      .mutateAsync(runOf(job, assessment, { rounds, pieces: good ? pieces : 0, note, at: new Date() }))
      .catch(() => undefined)
    if (!run) return
    say(t('plan.cut.saved'))
    onClose()
    await navigate('/log')
  }
  return (
    <Modal open wide onClose={onClose} title={t('plan.cut.title')} description={t('plan.cut.description')}>
      <form
        className="space-y-4"
        onSubmit={(event) => {
          event.preventDefault()
          void save()
        }}
      >
        {rounds.map((round, at) => (
          <RoundFields
            key={at}
            number={at + 1}
            round={round}
            onChange={(next) => setRounds(rounds.map((each, index) => (index === at ? next : each)))}
            onDrop={at > 0 ? () => setRounds(rounds.filter((_, index) => index !== at)) : undefined}
          />
        ))}
        <div className="flex flex-wrap items-end gap-4">
          {rounds.length < 10 && (
            <Button icon={<Plus aria-hidden size={18} />} onClick={() => setRounds([...rounds, firstRound(1)])}>
              {t('plan.cut.again')}
            </Button>
          )}
          {good && (
            <Field label={t('plan.cut.pieces')}>
              {(ids) => (
                <input
                  {...ids}
                  type="number"
                  min={0}
                  max={10_000}
                  className={classes(boxClass, 'max-w-28')}
                  value={pieces}
                  onChange={(event) =>
                    setPieces(Math.min(10_000, Math.max(0, Math.trunc(event.target.valueAsNumber) || 0)))
                  }
                />
              )}
            </Field>
          )}
        </div>
        <Field label={t('plan.cut.note')}>
          {(ids) => (
            <textarea
              {...ids}
              rows={2}
              maxLength={2000}
              className={boxClass}
              value={note}
              onChange={(event) => setNote(event.target.value)}
            />
          )}
        </Field>
        {add.error && <Failure error={add.error} />}
        <div className="flex gap-2">
          <Button type="submit" look="next" disabled={add.isPending}>
            {t('plan.cut.save')}
          </Button>
          <Button look="quiet" onClick={onClose}>
            {t('common.cancel')}
          </Button>
        </div>
      </form>
    </Modal>
  )
}
