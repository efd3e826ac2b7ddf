import { USUAL_CHANGE_WORTH_MIN, USUAL_LAY_GAP_MM, USUAL_REST_MIN } from '@bold-heron/core'
import { type EveningInput, eveningInput } from '@bold-heron/schema'
import { Plus, Save, Trash2 } from 'lucide-react'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { useEveryRow } from '../../../data/rows.js'
import { Button, IconButton } from '../../../ui/Button.js'
import { boxClass, Field } from '../../../ui/Field.js'
import { Tick } from '../../../ui/form/Tick.js'
import { NumberInput } from '../../../ui/form/LengthInput.js'
import { JobChoices } from './JobChoices.js'
import { noPinsAtAll } from './pins.js'

/** What an evening begins with: one press and one person; the jobs are whoever plans it to say. */
export const blankEvening = (name: string, person: string, pressId: string): EveningInput => ({
  name,
  beginsAt: null,
  presses: [{ pressId, personId: 'one' }],
  people: [{ id: 'one', name: person, handShare: 1, restMin: USUAL_REST_MIN.strong }],
  jobs: [],
  gapMm: USUAL_LAY_GAP_MM,
  changeWorthMin: USUAL_CHANGE_WORTH_MIN,
  pins: noPinsAtAll,
  note: '',
})

/** A moment as a field for date and time has it, in the time of the place. */
const asLocal = (iso: string | null): string => {
  if (iso === null) return ''
  const at = new Date(iso)
  return new Date(at.getTime() - at.getTimezoneOffset() * 60_000).toISOString().slice(0, 16)
}

/** What is to be cut, on which presses, by whom. */
export const EveningForm = ({
  start,
  onSave,
}: {
  readonly start: EveningInput
  readonly onSave: (input: EveningInput) => void
}) => {
  const { t } = useTranslation()
  const presses = useEveryRow('presses').data ?? []
  const [evening, setEvening] = useState(start)
  const [asked, setAsked] = useState(false)
  const change = (part: Partial<EveningInput>) => setEvening((now) => ({ ...now, ...part }))
  const judged = eveningInput.safeParse(evening)
  const missing =
    asked && !judged.success ? new Set(judged.error.issues.map(({ path }) => path.join('.'))) : new Set<string>()
  const { people } = evening
  const setPerson = (at: number, part: Partial<EveningInput['people'][number]>) =>
    change({ people: people.map((each, its) => (its === at ? { ...each, ...part } : each)) })
  return (
    <form
      className="space-y-4"
      onSubmit={(event) => {
        event.preventDefault()
        setAsked(true)
        if (judged.success) onSave(judged.data)
      }}
    >
      <div className="flex flex-wrap gap-3">
        <Field
          label={t('wall.form.name')}
          className="min-w-48 flex-1"
          fault={missing.has('name') ? t('wall.form.nameMissing') : undefined}
        >
          {(ids) => (
            <input
              {...ids}
              className={boxClass}
              value={evening.name}
              maxLength={120}
              onChange={(event) => change({ name: event.target.value })}
            />
          )}
        </Field>
        <Field label={t('wall.evening.begins')}>
          {(ids) => (
            <input
              {...ids}
              type="datetime-local"
              className={boxClass}
              value={asLocal(evening.beginsAt)}
              onChange={(event) =>
                change({ beginsAt: event.target.value ? new Date(event.target.value).toISOString() : null })
              }
            />
          )}
        </Field>
      </div>
      <fieldset className="space-y-2">
        <legend className="font-bold">{t('wall.evening.people')}</legend>
        {people.map((person, at) => (
          <div key={person.id} className="flex flex-wrap items-end gap-3">
            <Field
              label={<span className="text-sm font-normal">{t('wall.evening.who')}</span>}
              className="min-w-40 flex-1 gap-0"
              fault={missing.has(`people.${at}.name`) ? t('wall.evening.whoMissing') : undefined}
            >
              {(ids) => (
                <input
                  {...ids}
                  className={boxClass}
                  value={person.name}
                  maxLength={120}
                  onChange={(event) => setPerson(at, { name: event.target.value })}
                />
              )}
            </Field>
            <NumberInput
              label={t('wall.evening.hand')}
              value={Math.round(100 * person.handShare)}
              step={5}
              least={10}
              most={100}
              onChange={(share) =>
                setPerson(at, {
                  handShare: share / 100,
                  // Sore hands rest more, unless somebody has said otherwise.
                  ...(share < 85 && person.restMin === USUAL_REST_MIN.strong ? { restMin: USUAL_REST_MIN.sore } : {}),
                })
              }
            />
            <NumberInput
              label={t('wall.evening.rest')}
              value={person.restMin}
              step={5}
              least={0}
              most={50}
              onChange={(restMin) => setPerson(at, { restMin })}
            />
            {people.length > 1 && (
              <IconButton
                className="size-11"
                label={t('wall.evening.without', { name: person.name })}
                onClick={() => {
                  const left = people.filter((_, its) => its !== at)
                  const [first] = left
                  change({
                    people: left,
                    presses: evening.presses.map((each) =>
                      each.personId === person.id && first ? { ...each, personId: first.id } : each,
                    ),
                  })
                }}
              >
                <Trash2 aria-hidden size={18} />
              </IconButton>
            )}
          </div>
        ))}
        <Button
          look="quiet"
          icon={<Plus aria-hidden size={18} />}
          onClick={() =>
            change({
              people: [
                ...people,
                {
                  id: crypto.randomUUID(),
                  name: t('wall.evening.somebody', { number: people.length + 1 }),
                  handShare: 1,
                  restMin: USUAL_REST_MIN.strong,
                },
              ],
            })
          }
        >
          {t('wall.evening.addPerson')}
        </Button>
      </fieldset>
      <fieldset>
        <legend className="font-bold">{t('wall.evening.presses')}</legend>
        {presses.map((press) => {
          const its = evening.presses.find(({ pressId }) => pressId === press.id)
          return (
            <div key={press.id} className="flex flex-wrap items-center gap-3">
              <Tick
                className="min-w-52"
                checked={its !== undefined}
                onChange={() =>
                  change({
                    presses: its
                      ? evening.presses.filter(({ pressId }) => pressId !== press.id)
                      : [...evening.presses, { pressId: press.id, personId: people[0]?.id ?? '' }],
                  })
                }
              >
                {press.name}
              </Tick>
              {its && (
                <select
                  aria-label={t('wall.evening.whoAt', { press: press.name })}
                  className="min-h-11 rounded border border-ink/50 bg-field px-2"
                  value={its.personId}
                  onChange={(event) =>
                    change({
                      presses: evening.presses.map((each) =>
                        each.pressId === press.id ? { ...each, personId: event.target.value } : each,
                      ),
                    })
                  }
                >
                  {people.map(({ id, name }) => (
                    <option key={id} value={id}>
                      {name}
                    </option>
                  ))}
                </select>
              )}
            </div>
          )
        })}
        {missing.has('presses') && (
          <p role="alert" className="text-danger">
            <span aria-hidden>▲ </span>
            {t('wall.evening.pressesMissing')}
          </p>
        )}
      </fieldset>
      <fieldset>
        <legend className="font-bold">{t('wall.evening.jobs')}</legend>
        <JobChoices chosen={evening.jobs} onChange={(chosen) => change({ jobs: chosen })} />
        {missing.has('jobs') && (
          <p role="alert" className="text-danger">
            <span aria-hidden>▲ </span>
            {t('wall.evening.jobsMissing')}
          </p>
        )}
      </fieldset>
      <Button look="next" type="submit" icon={<Save aria-hidden size={18} />}>
        {t('common.save')}
      </Button>
    </form>
  )
}
