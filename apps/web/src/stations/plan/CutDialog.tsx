import {
  type Assessment,
  cameOutAsWanted,
  type Die,
  isGood,
  NOT_FELT,
  type Round,
  type TechniqueId,
  toldOf,
} from '@bold-heron/core'
import { type JobRow, runInHandOf, yieldOfRun } from '@bold-heron/schema'
import { Plus, X } from 'lucide-react'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { useNavigate } from 'react-router'
import { useAddRow } from '../../data/rows.js'
import { LookFields } from '../../pressing/LookFields.js'
import { Button, IconButton } from '../../ui/Button.js'
import { classes } from '../../ui/classes.js'
import { boxClass, Field } from '../../ui/Field.js'
import { NumberBox } from '../../ui/form/NumberBox.js'
import { Modal } from '../../ui/Modal.js'
import { Failure } from '../../ui/states.js'
import { useSay } from '../../ui/toasts.js'
import { runOf } from '../../pressing/run-of.js'

const RoundFields = ({
  technique,
  dies,
  number,
  round,
  onChange,
  onDrop,
}: {
  readonly number: number
  readonly round: Round
  readonly technique: TechniqueId
  readonly dies: readonly Die[]
  readonly onChange: (round: Round) => void
  readonly onDrop: (() => void) | undefined
}) => {
  const { t } = useTranslation()
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
            <NumberBox
              {...ids}
              least={1}
              most={20}
              className={classes(boxClass, 'max-w-24')}
              value={round.passes}
              onChange={(passes) => onChange({ ...round, passes })}
            />
          )}
        </Field>
        <LookFields name={String(number)} technique={technique} dies={dies} round={round} onChange={onChange} />
      </div>
    </fieldset>
  )
}

const firstRound = (technique: TechniqueId, passes: number): Round => ({
  passes,
  seen: toldOf(technique).asWanted,
  hangingShare: null,
  hangingPlace: null,
  feel: NOT_FELT,
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
  const run = runInHandOf(job)
  const [rounds, setRounds] = useState<readonly Round[]>([firstRound(run.technique, assessment.passes.passes)])
  const dies = assessment.stack.flatMap((layer) => (layer.is === 'dies' ? layer.dies : []))
  const sheet = assessment.stack.find((layer) => layer.is === 'sheets')?.sheet ?? {}
  const gives = yieldOfRun(job, run, dies, sheet)
  const [pieces, setPieces] = useState(gives.pieces)
  const [note, setNote] = useState('')
  const good = isGood((rounds.at(-1) as Round).seen)
  const save = async () => {
    const spoilt = Math.max(0, gives.pieces - (good ? pieces : 0))
    const logged = await add
      .mutateAsync(runOf(job, run, assessment, { rounds, pieces: good ? pieces : 0, spoilt, note, at: new Date() }))
      .catch(() => undefined)
    if (!logged) return
    say(t('plan.cut.saved'))
    onClose()
    // What did not come out stands on the plan, with what to try next.
    if (cameOutAsWanted(rounds.at(-1) as Round)) await navigate('/log')
    else window.scrollTo({ top: 0 })
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
            technique={run.technique}
            dies={dies}
            number={at + 1}
            round={round}
            onChange={(next) => setRounds(rounds.map((each, index) => (index === at ? next : each)))}
            onDrop={at > 0 ? () => setRounds(rounds.filter((_, index) => index !== at)) : undefined}
          />
        ))}
        <div className="flex flex-wrap items-end gap-4">
          {rounds.length < 10 && (
            <Button
              icon={<Plus aria-hidden size={18} />}
              onClick={() => setRounds([...rounds, firstRound(run.technique, 1)])}
            >
              {t('plan.cut.again')}
            </Button>
          )}
          {good && (
            <Field
              label={t('plan.cut.pieces')}
              hint={gives.mirrored > 0 && t('plan.cut.mirrored', { count: gives.mirrored, pieces: gives.pieces })}
            >
              {(ids) => (
                <NumberBox
                  {...ids}
                  least={0}
                  most={10_000}
                  className={classes(boxClass, 'max-w-28')}
                  value={pieces}
                  onChange={setPieces}
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
