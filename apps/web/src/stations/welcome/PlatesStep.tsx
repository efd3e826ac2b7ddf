import { type PressClass, type UsualPiece, usualPieces } from '@bold-heron/core'
import { type PlateInput, plateInput } from '@bold-heron/schema'
import { useMemo } from 'react'
import { useFormContext, useWatch } from 'react-hook-form'
import { useTranslation } from 'react-i18next'
import { z } from 'zod'
import { type Codec, flag, length, whole } from '../../ui/form/codec.js'
import { LengthField, TextField } from '../../ui/form/fields.js'
import { type RowForm, rowForm, useRowForm } from '../../ui/form/row-form.js'
import { StepFrame } from './StepFrame.js'
import { plateToTick } from './plate-to-tick.js'

type PlateOffer = ReturnType<typeof plateToTick>

/** Form fields by name: `padHas`, `padMm`, `padCount` and so on. */
type PlateFields = Record<`${UsualPiece}Has`, boolean> & Record<`${UsualPiece}Mm` | `${UsualPiece}Count`, number>

const thickness = length('thickness')

/** Fields of usualPieces that are not ticked are not judged. */
const platesForm = (offers: ReadonlyMap<UsualPiece, PlateOffer>): RowForm<PlateInput[]> => {
  const ticked = (fields: PlateFields) => usualPieces.filter((piece) => fields[`${piece}Has`])
  let listed: readonly UsualPiece[] = usualPieces
  return rowForm<PlateInput[], PlateFields>({
    schema: z.array(plateInput).min(1),
    codecs: Object.fromEntries(
      usualPieces.flatMap((piece): [string, Codec<never>][] => [
        [`${piece}Has`, flag as Codec<never>],
        [`${piece}Mm`, thickness as Codec<never>],
        [`${piece}Count`, whole as Codec<never>],
      ]),
    ) as unknown as { [Name in keyof PlateFields]: Codec<PlateFields[Name]> },
    fromInput: (plates) =>
      Object.fromEntries(
        usualPieces.flatMap((piece) => {
          const offer = offers.get(piece) as PlateOffer
          const had = plates.find((plate) => plate.name === offer.name)
          const { thicknessMm, count } = had ?? offer
          return [
            [`${piece}Has`, plates.length === 0 ? offer.ticked : had !== undefined],
            [`${piece}Mm`, thicknessMm],
            [`${piece}Count`, count],
          ]
        }),
      ) as PlateFields,
    toInput: (fields) => {
      listed = ticked(fields)
      return listed.map((piece) => {
        const { ticked: _, ...plate } = offers.get(piece) as PlateOffer
        return { ...plate, thicknessMm: fields[`${piece}Mm`], count: fields[`${piece}Count`] }
      })
    },
    shownAt: ([at, field]) => `${listed[Number(at)] ?? 'pad'}${field === 'count' ? 'Count' : 'Mm'}`,
  })
}

const PieceRow = ({ piece, name }: { readonly piece: UsualPiece; readonly name: string }) => {
  const { t } = useTranslation()
  const { register } = useFormContext()
  const has = useWatch({ name: `${piece}Has` }) as boolean
  return (
    <div className="grid items-start gap-x-4 gap-y-2 border-t border-line py-2 sm:grid-cols-[14rem_1fr_8rem]">
      <label className="flex min-h-11 items-center gap-3 font-bold">
        <input type="checkbox" className="size-5 accent-accent" {...register(`${piece}Has`)} />
        {name}
      </label>
      {has && (
        <>
          <LengthField name={`${piece}Mm`} measures="thickness" label={t('welcome.plates.thickness')} />
          <TextField name={`${piece}Count`} label={t('welcome.plates.count')} inputMode="numeric" />
        </>
      )}
    </div>
  )
}

/** What came with the press or lies beside it, with usual values to put right. */
export const PlatesStep = ({
  pressClass,
  start,
  onDone,
  onBack,
}: {
  readonly pressClass: PressClass
  readonly start: PlateInput[]
  readonly onDone: (plates: PlateInput[]) => void
  readonly onBack: () => void
}) => {
  const { t } = useTranslation()
  const offers = useMemo(
    () => new Map(usualPieces.map((piece) => [piece, plateToTick(piece, pressClass, t(`welcome.plates.${piece}`))])),
    [pressClass, t],
  )
  const form = useRowForm(
    useMemo(() => platesForm(offers), [offers]),
    start,
  )
  const hasBoth = (form.watch('platformHas') as boolean) && (form.watch('padHas') as boolean)
  return (
    <StepFrame<PlateInput[]> form={form} label={t('welcome.steps.plates')} onDone={onDone} onBack={onBack}>
      <p className="mb-3 text-ink-soft">{t('welcome.plates.text')}</p>
      {usualPieces.map((piece) => (
        <PieceRow key={piece} piece={piece} name={offers.get(piece)?.name ?? ''} />
      ))}
      {!hasBoth && <p className="mt-2 text-warn">{t('welcome.plates.needed')}</p>}
    </StepFrame>
  )
}
