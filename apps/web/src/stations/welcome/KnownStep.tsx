import { type DieClass, dieClasses, factsOfDieClass } from '@bold-heron/core'
import type { PlateInput, SetupInput } from '@bold-heron/schema'
import { Minus, Plus } from 'lucide-react'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { z } from 'zod'
import { useLengths } from '../../text/lengths.js'
import { Button, IconButton } from '../../ui/Button.js'
import { asItIs, choice, length } from '../../ui/form/codec.js'
import { ChoiceField, LengthField } from '../../ui/form/fields.js'
import { rowForm, useRowForm } from '../../ui/form/row-form.js'
import { StepFrame } from './StepFrame.js'

type Known = NonNullable<SetupInput['known']>

interface KnownFields {
  readonly dieClass: DieClass
  readonly sheetCaliperMm: number
  /** How many of each plate, in the order of the plates. */
  readonly counts: readonly number[]
}

const knownForm = rowForm<KnownFields>({
  schema: z.object({
    dieClass: z.enum(dieClasses),
    sheetCaliperMm: z.number().min(0.02).max(20),
    counts: z.array(z.number()),
  }),
  codecs: { dieClass: choice(), sheetCaliperMm: length('thickness'), counts: asItIs() },
})

const knownOf = ({ dieClass, sheetCaliperMm, counts }: KnownFields): Known => ({
  from: 'booklet',
  technique: 'cut',
  passes: null,
  bladeSide: 'down',
  feel: null,
  dieClass,
  dieHeightMm: factsOfDieClass(dieClass).heightMm,
  sheetCaliperMm,
  sheetCount: 1,
  plateAt: counts.flatMap((count, at) => Array<number>(count).fill(at)),
})

/** One stack that is known to cut clean: it tells the gap better than any table. */
export const KnownStep = ({
  plates,
  onDone,
  onFeel,
  onBack,
}: {
  readonly plates: readonly PlateInput[]
  readonly onDone: (known: Known | null) => void
  /** No stack is known, and the gap is to be felt out once everything is put in. */
  readonly onFeel: () => void
  readonly onBack: () => void
}) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  // Nothing is asserted that nobody said.
  const [counts, setCounts] = useState<readonly number[]>(() => plates.map(() => 0))
  const form = useRowForm<KnownFields>(knownForm, { dieClass: 'thin-outline', sheetCaliperMm: 0.3, counts })
  const read = knownForm.read(form.watch(), lengths.style)
  const platesMm = plates.reduce((sum, plate, at) => sum + plate.thicknessMm * (counts[at] ?? 0), 0)
  const heightMm = read.ok
    ? platesMm + factsOfDieClass(read.input.dieClass).heightMm + read.input.sheetCaliperMm
    : undefined
  const step = (at: number, by: number) =>
    setCounts(
      counts.map((count, each) => (each === at ? Math.min(Math.max(0, count + by), plates[at]?.count ?? 0) : count)),
    )
  return (
    <StepFrame<KnownFields>
      form={form}
      label={t('welcome.steps.known')}
      onDone={(fields) => {
        const known = knownOf({ ...fields, counts })
        onDone(known.plateAt.length > 0 ? known : null)
      }}
      onBack={onBack}
    >
      <p className="mb-3 text-ink-soft">{t('welcome.known.text')}</p>
      <h3 className="font-sans font-bold">{t('welcome.known.plates')}</h3>
      <ul className="mb-4">
        {plates.map((plate, at) => (
          <li key={plate.name} className="flex items-center gap-3 border-b border-line py-1">
            <span className="flex-1">{plate.name}</span>
            <span className="text-ink-soft">{lengths.thickness(plate.thicknessMm)}</span>
            <IconButton
              label={`${plate.name} −1`}
              className="size-11"
              disabled={(counts[at] ?? 0) === 0}
              onClick={() => step(at, -1)}
            >
              <Minus aria-hidden size={18} />
            </IconButton>
            <output className="w-6 text-center font-bold" aria-label={plate.name}>
              {counts[at]}
            </output>
            <IconButton
              label={`${plate.name} +1`}
              className="size-11"
              disabled={(counts[at] ?? 0) >= plate.count}
              onClick={() => step(at, 1)}
            >
              <Plus aria-hidden size={18} />
            </IconButton>
          </li>
        ))}
      </ul>
      <div className="grid gap-4 sm:grid-cols-2">
        <ChoiceField
          name="dieClass"
          label={t('welcome.known.die')}
          options={dieClasses.map((each) => ({ value: each, text: t(`words.dieClass.${each}`) }))}
        />
        <LengthField name="sheetCaliperMm" measures="thickness" label={t('welcome.known.sheet')} />
      </div>
      {heightMm !== undefined && read.ok && counts.some((count) => count > 0) && (
        <p className="mt-3 rounded-md bg-sunk px-3 py-2" aria-live="polite">
          {t('welcome.known.height', {
            height: lengths.thickness(heightMm),
            plates: lengths.thickness(platesMm),
            die: lengths.thickness(factsOfDieClass(read.input.dieClass).heightMm),
            sheet: lengths.thickness(read.input.sheetCaliperMm),
          })}
        </p>
      )}
      <div className="mt-3 flex flex-wrap items-center gap-3">
        <Button onClick={onFeel}>{t('welcome.known.feel')}</Button>
        <Button onClick={() => onDone(null)}>{t('welcome.known.skip')}</Button>
        <p className="flex-1 text-sm text-ink-soft">{t('welcome.known.skipped')}</p>
      </div>
    </StepFrame>
  )
}
