import { factsOfDieClass, jobStates, type TechniqueId, techniqueOf, yieldOf } from '@bold-heron/core'
import {
  type JobInput,
  jobInput,
  type PressRun,
  runInHandOf,
  shownAs,
  toSheet,
  withRunInHand,
} from '@bold-heron/schema'
import { Plus, X } from 'lucide-react'
import { useFormContext, useWatch } from 'react-hook-form'
import { useTranslation } from 'react-i18next'
import { SpellField } from './SpellField.js'
import { fetchRows, useRow, useRows, useRowsById } from '../../data/rows.js'
import { RowPicker } from '../../drawing/pick/RowPicker.js'
import { Button, IconButton } from '../../ui/Button.js'
import { asItIs, choice, flag, text, whole } from '../../ui/form/codec.js'
import { ChoiceField, FlagField, NoteField, TextField } from '../../ui/form/fields.js'
import { Field } from '../../ui/Field.js'
import { rowForm } from '../../ui/form/row-form.js'

/** What the form shows: of the job, and of its run in hand; the rest goes along unseen. */
interface JobFields
  extends
    Pick<JobInput, 'name' | 'state' | 'pressId' | 'wanted' | 'note'>,
    Pick<PressRun, 'dieIds' | 'sheetId' | 'sheetCount' | 'bladeSide' | 'shows' | 'onlyOne'> {
  readonly before: JobInput
}

const ofRun = ['dieIds', 'sheetId', 'sheetCount', 'bladeSide', 'shows', 'onlyOne']

export const jobForm = rowForm<JobInput, JobFields>({
  schema: jobInput,
  codecs: {
    name: text,
    state: choice(),
    pressId: choice(),
    dieIds: asItIs(),
    sheetId: choice(),
    sheetCount: whole,
    bladeSide: choice(),
    shows: choice(),
    onlyOne: flag,
    wanted: whole,
    note: text,
    before: asItIs(),
  },
  fromInput(job) {
    const { name, state, pressId, wanted, note } = job
    const { dieIds, sheetId, sheetCount, bladeSide, shows, onlyOne } = runInHandOf(job)
    return { name, state, pressId, wanted, note, dieIds, sheetId, sheetCount, bladeSide, shows, onlyOne, before: job }
  },
  toInput: ({ before, dieIds, sheetId, sheetCount, bladeSide, shows, onlyOne, ...job }) => ({
    ...withRunInHand(before, {
      dieIds,
      sheetId,
      sheetCount,
      bladeSide,
      ...shownAs(runInHandOf(before), shows),
      onlyOne,
    }),
    ...job,
  }),
  shownAt: (path) => String((path[0] === 'runs' ? ofRun.find((field) => field === path[2]) : path[0]) ?? ''),
})

const MOST_DIES = 24

/** The throat of the press that the form names, mm. */
const useThroat = (): number | undefined => {
  const pressId = useWatch({ name: 'pressId' }) as string
  return useRows('presses').data?.items.find(({ id }) => id === pressId)?.throatMm
}

/**
 * Takes over what the die was last pressed with, or anything was, into fields that nobody has filled yet; the side only where it was this die, in
 * the same way.
 */
const useTakeOver = (technique: TechniqueId) => {
  const { getValues, setValue } = useFormContext()
  const dies = useRowsById('dies')
  return async (dieId: string): Promise<void> => {
    const newest = async (of: { readonly dieId?: string }) => (await fetchRows('runs', { ...of, pageSize: 1 })).items[0]
    const last = await newest({ dieId })
    const before = last ?? (await newest({}))
    const fill = (name: string, value: string | undefined) => {
      if (value && !getValues(name)) setValue(name, value, { shouldDirty: true })
    }
    const isNew = !getValues('pressId') && !getValues('sheetId')
    fill('pressId', before?.pressId)
    fill('sheetId', before?.sheetId)
    if (last?.technique === technique && isNew) setValue('bladeSide', last.bladeSide)
    fill('name', dies.get(dieId)?.name)
  }
}

/** The dies of a job: one, and others laid beside it. */
const DiesField = ({ technique }: { readonly technique: TechniqueId }) => {
  const { t } = useTranslation()
  const { getValues, setValue, formState } = useFormContext()
  const throatMm = useThroat()
  const { takes } = techniqueOf(technique)
  const takeOver = useTakeOver(technique)
  const chosen = (useWatch({ name: 'dieIds' }) as string[] | undefined) ?? []
  const set = (ids: string[]) => setValue('dieIds', ids, { shouldDirty: true, shouldValidate: formState.isSubmitted })
  const fault = formState.errors['dieIds']?.message
  const shown = chosen.length > 0 ? chosen : ['']
  return (
    <div className="flex flex-col gap-2">
      {shown.map((id, at) => {
        const label = at === 0 ? t('jobs.field.dieIds') : t('jobs.field.dieIdsMore')
        return (
          <div key={at} className="flex items-end gap-2">
            <Field
              className="min-w-0 flex-1"
              label={label}
              fault={at === 0 && typeof fault === 'string' ? fault : undefined}
            >
              {(ids) => (
                <RowPicker
                  kind="dies"
                  label={label}
                  ids={ids}
                  value={id}
                  pickedFor={{ throatMm }}
                  among={({ dieClass }) => takes.includes(factsOfDieClass(dieClass).use)}
                  onPick={(picked) => {
                    set(shown.map((each, index) => (index === at ? picked : each)))
                    if (at === 0) void takeOver(picked)
                  }}
                />
              )}
            </Field>
            {at > 0 && (
              <IconButton
                className="size-11"
                label={t('jobs.removeDie')}
                onClick={() => set(shown.filter((_, index) => index !== at))}
              >
                <X aria-hidden size={18} />
              </IconButton>
            )}
          </div>
        )
      })}
      <SpellField
        chosen={chosen}
        onSpelt={(ids, word) => {
          const [first] = ids as [string]
          set(ids)
          // Letter by letter, as long as nobody gave it another name.
          if (word.startsWith(getValues('name') as string)) setValue('name', word, { shouldDirty: true })
          if (first !== chosen[0]) void takeOver(first)
        }}
        among={({ dieClass }) => takes.includes(factsOfDieClass(dieClass).use)}
      />
      {shown.length < MOST_DIES && shown.every((id) => id !== '') && (
        <Button
          look="quiet"
          className="self-start"
          icon={<Plus aria-hidden size={18} />}
          onClick={() => set([...shown, ''])}
        >
          {t('jobs.addDie')}
        </Button>
      )}
    </div>
  )
}

/** A press or a sheet of a job. */
const RowField = ({ kind, name }: { readonly kind: 'presses' | 'sheets'; readonly name: 'pressId' | 'sheetId' }) => {
  const { t } = useTranslation()
  const { setValue, formState } = useFormContext()
  const value = useWatch({ name }) as string
  const fault = formState.errors[name]?.message
  const label = t(`jobs.field.${name}`)
  return (
    <Field label={label} fault={typeof fault === 'string' ? fault : undefined}>
      {(ids) => (
        <RowPicker
          kind={kind}
          label={label}
          ids={ids}
          value={value}
          onPick={(id) => setValue(name, id, { shouldDirty: true, shouldValidate: formState.isSubmitted })}
        />
      )}
    </Field>
  )
}

/** How many press runs what is wanted takes, where one run gives other than a piece. */
const WantedField = () => {
  const { t } = useTranslation()
  const typed = useWatch({ name: ['dieIds', 'sheetId', 'sheetCount', 'wanted'] }) as [string[], string, string, string]
  const [dieIds, sheetId] = typed
  const [sheetCount, wanted] = [Number(typed[2]), Number(typed[3])]
  const sheet = useRow('sheets', sheetId || undefined).data
  const dies = useRowsById('dies')
  const its = dieIds.flatMap((id) => dies.get(id) ?? [])
  const pieces = sheet && its.length > 0 && sheetCount > 0 ? yieldOf(its, toSheet(sheet), sheetCount).pieces : 1
  return (
    <TextField
      name="wanted"
      label={t('jobs.field.wanted')}
      inputMode="numeric"
      hint={pieces > 1 && wanted > 0 && t('jobs.runsWanted', { count: Math.ceil(wanted / pieces), pieces })}
    />
  )
}

/** The fields of a job; its state only once it exists. */
export const JobFormFields = ({
  withState,
  technique,
}: {
  readonly withState: boolean
  readonly technique: TechniqueId
}) => {
  const { t } = useTranslation()
  return (
    <div className="grid gap-4 md:grid-cols-2">
      <DiesField technique={technique} />
      <RowField kind="sheets" name="sheetId" />
      <RowField kind="presses" name="pressId" />
      <TextField name="name" label={t('jobs.field.name')} />
      <div className="grid grid-cols-2 gap-4">
        <TextField name="sheetCount" label={t('jobs.field.sheetCount')} inputMode="numeric" />
        <WantedField />
      </div>
      <ChoiceField
        name="bladeSide"
        label={t('jobs.field.bladeSide')}
        options={(['down', 'up'] as const).map((side) => ({ value: side, text: t(`jobs.bladeChoice.${side}`) }))}
      />
      {techniqueOf(technique).eitherWay && (
        <ChoiceField
          name="shows"
          label={t('jobs.field.shows')}
          options={(['raised', 'sunk'] as const).map((shows) => ({ value: shows, text: t(`words.shows.${shows}`) }))}
        />
      )}
      <FlagField name="onlyOne" label={t('jobs.field.onlyOne')} hint={t('jobs.onlyOneHint')} />
      {withState && (
        <ChoiceField
          name="state"
          label={t('jobs.field.state')}
          options={jobStates.map((state) => ({ value: state, text: t(`words.jobState.${state}`) }))}
        />
      )}
      <NoteField name="note" label={t('jobs.field.note')} className="md:col-span-2" />
    </div>
  )
}
