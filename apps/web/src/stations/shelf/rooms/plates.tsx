import { faceStates, measuringWays, type PlateKind, plateKinds } from '@bold-heron/core'
import { plateInput, type PlateRow, plateTable } from '@bold-heron/schema'
import { useWatch } from 'react-hook-form'
import { useTranslation } from 'react-i18next'
import { asItIs, optionalChoice } from '../../../ui/form/codec.js'
import { useEveryRow, useRowsById } from '../../../data/rows.js'
import { codecsOf } from '../../../ui/form/field-codecs.js'
import { ChoiceField, FlagField, LengthField, NoteField, TextField } from '../../../ui/form/fields.js'
import { rowForm } from '../../../ui/form/row-form.js'
import { MeasuredField } from '../../../ui/measuring/MeasuredField.js'
import { Term } from '../../../drawing/terms/Term.js'
import { LeavesField } from './LeavesField.js'
import { PlateBeside } from './PlateBeside.js'
import type { Room } from './room.js'

const cuts: readonly PlateKind[] = ['cutting-pad', 'hard-plate', 'soft-mat']

/** Where it lies: with one press, or for all of them. */
const AtPress = () => {
  const { t } = useTranslation()
  const presses = useEveryRow('presses').data ?? []
  return (
    <ChoiceField
      name="pressId"
      label={t('shelf.field.pressId')}
      hint={t('shelf.hint.pressId')}
      blank={t('shelf.hint.everyPress')}
      options={presses.map(({ id, name }) => ({ value: id, text: name }))}
    />
  )
}

/** The press that a plate lies at, where it lies at one. */
const PressOf = ({ pressId }: Pick<PlateRow, 'pressId'>) => {
  const { t } = useTranslation()
  const press = useRowsById('presses').get(pressId ?? '')
  return press ? <span className="text-sm text-ink-soft">{t('shelf.atPress', { press: press.name })}</span> : null
}

const PlateFields = () => {
  const { t } = useTranslation()
  const kind = useWatch({ name: 'kind' }) as PlateKind
  const faces = faceStates.map((state) => ({ value: state, text: t(`words.face.${state}`) }))
  return (
    <div className="grid gap-4 sm:grid-cols-2">
      <TextField name="name" label={t('shelf.field.name')} className="sm:col-span-2" />
      <ChoiceField
        name="kind"
        label={t('shelf.field.kind')}
        options={plateKinds.map((each) => ({ value: each, text: t(`words.plateKind.${each}`) }))}
      />
      <TextField name="count" label={t('shelf.field.count')} hint={t('shelf.hint.count')} inputMode="numeric" />
      <MeasuredField
        name="thicknessMm"
        knownBy="measuredBy"
        label={t('shelf.field.thicknessMm')}
        hint={kind === 'shim' ? t('shelf.hint.thicknessMm') : undefined}
      />
      <ChoiceField
        name="measuredBy"
        label={t('shelf.field.measuredBy')}
        options={measuringWays.map((way) => ({ value: way, text: t(`words.measuredBy.${way}`) }))}
      />
      {kind === 'platform' && <LeavesField />}
      <LengthField name="lengthMm" measures="size" label={t('shelf.field.lengthMm')} />
      <LengthField name="widthMm" measures="size" label={t('shelf.field.widthMm')} />
      <LengthField
        name="fullThicknessWidthMm"
        measures="size"
        label={t('shelf.field.fullThicknessWidthMm')}
        hint={
          <>
            {t('shelf.hint.fullThicknessWidthMm')} <Term id="bevel">{t('terms.name.bevel')}?</Term>
          </>
        }
      />
      <TextField name="material" label={t('shelf.field.material')} />
      <AtPress />
      {cuts.includes(kind) && (
        <>
          <ChoiceField name="faceA" label={t('shelf.field.faceA')} options={faces} />
          <ChoiceField name="faceB" label={t('shelf.field.faceB')} options={faces} />
        </>
      )}
      {kind === 'cutting-pad' && (
        <FlagField
          name="reservedForSteel"
          label={t('shelf.field.reservedForSteel')}
          hint={t('shelf.hint.reservedForSteel')}
        />
      )}
      <FlagField name="magnetic" label={t('shelf.field.magnetic')} hint={t('shelf.hint.magnetic')} />
      <NoteField name="note" label={t('shelf.field.note')} className="sm:col-span-2" />
    </div>
  )
}

/** mm. How high a platform is with all its leaves closed. */
const highestMm = ({ thicknessMm, leaves }: PlateRow): number =>
  leaves.reduce((mm, leaf) => mm + leaf.thicknessMm, thicknessMm)

export const platesRoom: Room<'plates'> = {
  kind: 'plates',
  form: rowForm({
    schema: plateInput,
    // What is shown for some kinds only goes when something else is made of the plate.
    toInput: (plate) => ({
      ...plate,
      reservedForSteel: plate.kind === 'cutting-pad' && plate.reservedForSteel,
      leaves: plate.kind === 'platform' ? plate.leaves : [],
    }),
    codecs: { ...codecsOf(plateTable), leaves: asItIs(), pressId: optionalChoice() },
  }),
  blank: {
    name: '',
    kind: 'cutting-pad',
    count: 1,
    thicknessMm: 3,
    measuredBy: 'table',
    material: '',
    lengthMm: 225,
    widthMm: 155,
    fullThicknessWidthMm: 155,
    magnetic: false,
    reservedForSteel: false,
    faceA: 'fresh',
    faceB: 'fresh',
    note: '',
  },
  inputOf: (row) => row,
  columns: (t, lengths) => [
    {
      id: 'kind',
      header: t('shelf.columns.kind'),
      accessorFn: (row) => t(`words.plateKind.${row.kind}`),
      cell: ({ row: { original } }) => (
        <>
          {t(`words.plateKind.${original.kind}`)} <PressOf pressId={original.pressId} />
        </>
      ),
    },
    {
      id: 'thickness',
      header: t('shelf.columns.thickness'),
      accessorFn: (row) => row.thicknessMm,
      cell: ({ row: { original } }) => (
        <>
          {lengths.thickness(original.thicknessMm)}{' '}
          <span className="text-sm text-ink-soft">
            {original.leaves.length > 0
              ? t('shelf.leaves.upTo', { height: lengths.thickness(highestMm(original)) })
              : t(`words.measuredByShort.${original.measuredBy}`)}
          </span>
        </>
      ),
      meta: { figures: true },
    },
    { id: 'count', header: t('shelf.columns.count'), accessorFn: (row) => row.count, meta: { figures: true } },
    {
      id: 'faces',
      header: t('shelf.columns.faces'),
      accessorFn: (row) =>
        cuts.includes(row.kind)
          ? t('shelf.faceWord', { a: t(`words.face.${row.faceA}`), b: t(`words.face.${row.faceB}`) })
          : '',
      meta: { wideOnly: true },
    },
  ],
  Beside: PlateBeside,
  Fields: PlateFields,
}
