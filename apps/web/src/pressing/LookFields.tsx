import {
  adviceOnRound,
  type HandleFeel,
  hangingPlaces,
  isCut,
  type Round,
  type Seen,
  tellsHanging,
  type TechniqueId,
  toldOf,
} from '@bold-heron/core'
import type { ReactNode } from 'react'
import { useTranslation } from 'react-i18next'
import { Term } from '../drawing/terms/Term.js'
import { SeenPicture } from '../drawing/SeenPicture.js'
import { sayHungAt } from '../text/say-hung-at.js'
import { Choice } from '../ui/Choice.js'
import { classes } from '../ui/classes.js'
import { boxClass, Field } from '../ui/Field.js'

const shares = { little: 0.05, some: 0.25, half: 0.6 } as const
type ShareName = keyof typeof shares

/** One of a few things, each shown as a little picture. */
const Pictures = <Value extends string>({
  legend,
  name,
  value,
  options,
  onChange,
}: {
  readonly legend: string
  readonly name: string
  /** Null while nothing was told. */
  readonly value: Value | null
  readonly options: readonly { readonly value: Value; readonly text: string; readonly picture: ReactNode }[]
  readonly onChange: (value: Value) => void
}) => (
  <fieldset>
    <legend className="font-bold">{legend}</legend>
    <div className="mt-1 grid grid-cols-[repeat(auto-fill,minmax(6.5rem,1fr))] gap-2">
      {options.map((option) => (
        <label
          key={option.value}
          className={classes(
            'flex min-h-11 flex-col items-center gap-1 rounded-md border-2 p-2 text-center text-base leading-tight has-focus-visible:outline-3 has-focus-visible:outline-accent',
            value === option.value ? 'border-ink bg-sunk font-bold' : 'border-line bg-field',
          )}
        >
          <input
            type="radio"
            name={name}
            className="sr-only"
            checked={value === option.value}
            onChange={() => onChange(option.value)}
          />
          {option.picture}
          {option.text}
        </label>
      ))}
    </div>
  </fieldset>
)

interface NamedDie {
  readonly id: string
  readonly name: string
}

/** Which of several dies hung; at least one did. */
const WhichHung = ({
  dies,
  hung,
  onChange,
}: {
  readonly dies: readonly NamedDie[]
  readonly hung: readonly string[]
  readonly onChange: (hung: readonly string[]) => void
}) => {
  const { t } = useTranslation()
  return (
    <fieldset>
      <legend className="font-bold">{t('plan.cut.whichHung')}</legend>
      <div className="mt-1 flex flex-wrap gap-2">
        {dies.map(({ id, name }) => {
          const isHung = hung.includes(id)
          return (
            <label
              key={id}
              className={classes(
                'flex min-h-12 items-center gap-2 rounded-md border-2 px-3 has-focus-visible:outline-3 has-focus-visible:outline-accent',
                isHung ? 'border-ink bg-sunk font-bold' : 'border-line bg-field',
              )}
            >
              <input
                type="checkbox"
                className="size-5"
                checked={isHung}
                disabled={isHung && hung.length === 1}
                onChange={() => onChange(isHung ? hung.filter((each) => each !== id) : [...hung, id])}
              />
              {name}
            </label>
          )
        })}
      </div>
    </fieldset>
  )
}

/** What was seen on the sheet and felt at the handle, with pictures; `name` tells several apart on one screen. */
export const LookFields = ({
  name,
  technique,
  dies = [],
  round,
  onChange,
}: {
  readonly name: string
  /** Says what can be seen, and on which scale the handle is felt. */
  readonly technique: TechniqueId
  /** Dies side by side, where there are several: each may hang or not. */
  readonly dies?: readonly NamedDie[]
  readonly round: Round
  readonly onChange: (round: Round) => void
}) => {
  const { t } = useTranslation()
  const advice = adviceOnRound(technique, round)
  const said = (advice === 'hung' && sayHungAt(t, round)) || (advice && t(`plan.cut.${advice}`))
  const { looks, feels } = toldOf(technique)
  const shareName = (Object.keys(shares) as ShareName[]).find((each) => shares[each] === round.hangingShare) ?? ''
  // Where and how much hung is for whoever looked to tell: what nobody told is no evidence.
  const see = (seen: Seen) =>
    onChange({
      ...round,
      seen,
      hangingShare: tellsHanging(seen) ? round.hangingShare : null,
      hangingPlace: tellsHanging(seen) ? round.hangingPlace : null,
      hangingDieIds: tellsHanging(seen) ? round.hangingDieIds : undefined,
    })
  return (
    <>
      <Pictures
        legend={t('plan.cut.seen')}
        name={`seen-${name}`}
        value={round.seen}
        options={looks.map((seen) => ({
          value: seen,
          text: t(`words.seen.${seen}`),
          picture: <SeenPicture seen={seen} />,
        }))}
        onChange={see}
      />
      {said && <p className="rounded-md border border-warn/40 bg-warn-wash px-3 py-2 text-warn">{said}</p>}
      {isCut({ technique }) && (
        <p className="text-base">
          <Term id="hanging" tall>
            {t('terms.name.hanging')}?
          </Term>{' '}
          <Term id="deep-cut" tall>
            {t('terms.name.deep-cut')}?
          </Term>
        </p>
      )}
      {tellsHanging(round.seen) && (
        <>
          {dies.length > 1 && (
            <WhichHung
              dies={dies}
              hung={round.hangingDieIds ?? dies.map(({ id }) => id)}
              onChange={(hung) => onChange({ ...round, hangingDieIds: hung.length < dies.length ? hung : undefined })}
            />
          )}
          <Pictures
            legend={t('plan.cut.where')}
            name={`where-${name}`}
            value={round.hangingPlace}
            options={hangingPlaces.map((place) => ({
              value: place,
              text: t(`words.hangingPlace.${place}`),
              picture: <SeenPicture seen="hanging" place={place} />,
            }))}
            onChange={(hangingPlace) => onChange({ ...round, hangingPlace })}
          />
          <Field label={t('plan.cut.share')}>
            {(ids) => (
              <select
                {...ids}
                className={boxClass}
                value={shareName}
                onChange={({ target }) =>
                  onChange({
                    ...round,
                    hangingShare: target.value === '' ? null : shares[target.value as ShareName],
                  })
                }
              >
                <option value="">{t('plan.cut.shares.untold')}</option>
                {(Object.keys(shares) as ShareName[]).map((each) => (
                  <option key={each} value={each}>
                    {t(`plan.cut.shares.${each}`)}
                  </option>
                ))}
              </select>
            )}
          </Field>
        </>
      )}
      <div>
        <p className="font-bold">{t('plan.cut.feel')}</p>
        <Choice<HandleFeel>
          label={t('plan.cut.feel')}
          tall
          value={round.feel}
          onChange={(feel) => onChange({ ...round, feel })}
          options={feels.map((feel) => ({ value: feel, text: t(`words.feel.${feel}`) }))}
        />
      </div>
    </>
  )
}
