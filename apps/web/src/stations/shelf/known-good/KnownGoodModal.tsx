import {
  type DieClass,
  dieClasses,
  factsOfDieClass,
  knownFeels,
  MOST_KNOWN_PASSES,
  type Plate,
  plateIdOf,
  type TechniqueId,
  techniqueIds,
  techniqueOf,
} from '@bold-heron/core'
import { knownFrom, knownGoodStack, type KnownGoodStackRow } from '@bold-heron/schema'
import { X } from 'lucide-react'
import { FormProvider, useFormContext, useWatch } from 'react-hook-form'
import { useTranslation } from 'react-i18next'
import { RowPicker } from '../../../drawing/pick/RowPicker.js'
import { useGap } from '../../../data/plan.js'
import { useLengths } from '../../../text/lengths.js'
import { Button, IconButton } from '../../../ui/Button.js'
import { asItIs, choice, length, optionalChoice, optionalNumber, whole } from '../../../ui/form/codec.js'
import { ChoiceField, LengthField, TextField } from '../../../ui/form/fields.js'
import { boxClass, Field } from '../../../ui/Field.js'
import { rowForm, useRowForm } from '../../../ui/form/row-form.js'
import { Modal } from '../../../ui/Modal.js'
import { sumOfKnown } from './known-stack.js'
import { usePlates } from './use-plates.js'
import type { PressWith } from './use-press-in-form.js'

const thickness = length('thickness')
const passCounts = Array.from({ length: MOST_KNOWN_PASSES }, (_, at) => at + 1)

const knownForm = rowForm<KnownGoodStackRow>({
  schema: knownGoodStack,
  codecs: {
    from: choice(),
    technique: choice(),
    passes: optionalNumber(),
    bladeSide: choice(),
    feel: optionalChoice(),
    dieClass: choice(),
    dieHeightMm: thickness,
    sheetCaliperMm: thickness,
    sheetCount: whole,
    plateIds: asItIs(),
  },
})

/** A plate by its name; a platform with leaves in the way that they are set. */
const PlateAsSet = ({
  id,
  byId,
  onSet,
}: {
  readonly id: string
  readonly byId: ReadonlyMap<string, Plate>
  readonly onSet: (id: string) => void
}) => {
  const { t } = useTranslation()
  const plate = byId.get(id)
  if (!plate?.leaves) return plate?.name ?? '?'
  const settings = [...byId.values()].filter((each) => plateIdOf(each.id) === plateIdOf(id))
  return (
    <select
      className={boxClass}
      aria-label={t('shelf.leaves.set', { name: settings[0]?.name ?? plate.name })}
      value={id}
      onChange={(event) => onSet(event.target.value)}
    >
      {settings.map((each) => (
        <option key={each.id} value={each.id}>
          {each.name}
        </option>
      ))}
    </select>
  )
}

/** The pieces of the stack, one line each; a piece may be named more than once. */
const PlatesOfStack = () => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const { setValue, formState } = useFormContext()
  const ids = useWatch({ name: 'plateIds' }) as string[]
  const { rows, byId } = usePlates()
  const fault = formState.errors['plateIds']?.message
  const set = (next: string[]) =>
    setValue('plateIds', next, { shouldDirty: true, shouldValidate: formState.isSubmitted })
  if (rows.length === 0) return <p className="sm:col-span-2">{t('shelf.known.noPlates')}</p>
  return (
    <div className="sm:col-span-2">
      <h3 className="font-sans font-bold">{t('shelf.known.plates')}</h3>
      <ul>
        {ids.map((id, at) => (
          <li key={at} className="flex items-center gap-2 border-b border-line">
            <span className="flex-1">
              <PlateAsSet id={id} byId={byId} onSet={(next) => set(ids.with(at, next))} />
            </span>
            <span>{lengths.thickness(byId.get(id)?.thickness.valueMm ?? 0)}</span>
            <IconButton label={t('shelf.known.remove')} onClick={() => set(ids.filter((_, each) => each !== at))}>
              <X aria-hidden size={16} />
            </IconButton>
          </li>
        ))}
      </ul>
      <Field className="mt-2" label={t('shelf.known.addPlate')} fault={typeof fault === 'string' ? fault : undefined}>
        {(described) => (
          <RowPicker
            kind="plates"
            label={t('shelf.known.addPlate')}
            blank={t('shelf.known.choosePlate')}
            ids={described}
            value=""
            onPick={(id) => set([...ids, id])}
          />
        )}
      </Field>
    </div>
  )
}

/** The sum of the stack, and the gap it speaks for: by rule of thumb at once, then simulated. */
const Sum = ({ pressWith }: { readonly pressWith: PressWith }) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const { byId } = usePlates()
  const read = knownForm.read(useWatch(), lengths.style)
  const { data: gap } = useGap(read.ok ? pressWith([read.input]) : undefined)
  if (!read.ok) return null
  const { heightMm, gapMm } = sumOfKnown(read.input, byId)
  return (
    <p className="rounded-md bg-sunk px-3 py-2 sm:col-span-2" aria-live="polite">
      {t('shelf.known.total', { total: lengths.thickness(heightMm), gap: lengths.thickness(gap?.gapMm ?? gapMm) })}
    </p>
  )
}

/** Puts in one stack that is known to cut clean. */
export const KnownGoodModal = ({
  pressWith,
  start,
  onKeep,
  onClose,
}: {
  readonly pressWith: PressWith
  readonly start: KnownGoodStackRow
  readonly onKeep: (stack: KnownGoodStackRow) => void
  readonly onClose: () => void
}) => {
  const { t } = useTranslation()
  const { style } = useLengths()
  const form = useRowForm(knownForm, start)
  const technique = form.watch('technique') as TechniqueId
  const fillHeight = (dieClass: DieClass) =>
    form.setValue('dieHeightMm', thickness.write(factsOfDieClass(dieClass).heightMm, style))
  return (
    <Modal open onClose={onClose} title={t('shelf.known.add')} description={t('shelf.known.text')}>
      <FormProvider {...form}>
        <form
          noValidate
          onSubmit={(event) => {
            // The press's own form stands around this one in the tree, though not on the page.
            event.stopPropagation()
            void form.handleSubmit((stack) => onKeep(stack as unknown as KnownGoodStackRow))(event)
          }}
        >
          <div className="grid gap-4 sm:grid-cols-2">
            <PlatesOfStack />
            <ChoiceField
              name="technique"
              label={t('shelf.known.technique')}
              options={techniqueIds.map((each) => ({ value: each, text: t(`words.technique.${each}`) }))}
            />
            <ChoiceField
              name="passes"
              label={t('shelf.known.passes')}
              hint={t('shelf.known.passesHint')}
              blank={t('shelf.known.passesUnknown')}
              options={passCounts.map((each) => ({
                value: String(each),
                text: t(each === MOST_KNOWN_PASSES ? 'shelf.known.passesMore' : 'shelf.known.passesCount', {
                  count: each,
                }),
              }))}
            />
            <ChoiceField
              name="feel"
              label={t('shelf.known.feel')}
              blank={t('shelf.known.feelUnknown')}
              options={knownFeels.map((each) => ({ value: each, text: t(`words.feel.${each}`) }))}
            />
            {techniqueOf(technique).bladeSide === undefined && (
              <ChoiceField
                name="bladeSide"
                label={t('shelf.known.bladeSide')}
                options={(['down', 'up'] as const).map((each) => ({ value: each, text: t(`words.bladeSide.${each}`) }))}
              />
            )}
            <Field label={t('shelf.known.dieClass')}>
              {(ids) => (
                <select
                  {...ids}
                  className={boxClass}
                  {...form.register('dieClass', {
                    onChange: (event: { target: { value: DieClass } }) => fillHeight(event.target.value),
                  })}
                >
                  {dieClasses.map((each) => (
                    <option key={each} value={each}>
                      {t(`words.dieClass.${each}`)}
                    </option>
                  ))}
                </select>
              )}
            </Field>
            <LengthField name="dieHeightMm" measures="thickness" label={t('shelf.known.dieHeight')} />
            <LengthField name="sheetCaliperMm" measures="thickness" label={t('shelf.known.sheetCaliper')} />
            <TextField name="sheetCount" label={t('shelf.known.sheetCount')} inputMode="numeric" />
            <ChoiceField
              name="from"
              label={t('shelf.known.from')}
              options={knownFrom.map((each) => ({ value: each, text: t(`words.knownFrom.${each}`) }))}
            />
            <Sum pressWith={pressWith} />
          </div>
          <div className="mt-4 flex gap-2">
            <Button type="submit" look="next">
              {t('shelf.known.done')}
            </Button>
            <Button look="quiet" onClick={onClose}>
              {t('common.cancel')}
            </Button>
          </div>
        </form>
      </FormProvider>
    </Modal>
  )
}
