import { MOST_LEAVES, settingsOf } from '@bold-heron/core'
import type { PlateInput } from '@bold-heron/schema'
import { Plus, X } from 'lucide-react'
import { useFormContext, useWatch } from 'react-hook-form'
import { useTranslation } from 'react-i18next'
import { useLengths } from '../../../text/lengths.js'
import { Button, IconButton } from '../../../ui/Button.js'
import { length } from '../../../ui/form/codec.js'
import { boxClass } from '../../../ui/Field.js'
import { LengthInput } from '../../../ui/form/LengthInput.js'
import { Fault } from '../../../ui/Notice.js'

type Leaves = NonNullable<PlateInput['leaves']>

const thickness = length('thickness')

/** Leaves hinged to a platform: what each is called and how thick it is, and how high the platform is in every way they can be set. */
export const LeavesField = () => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const { setValue, formState } = useFormContext()
  const leaves = (useWatch({ name: 'leaves' }) as Leaves | undefined) ?? []
  const name = useWatch({ name: 'name' }) as string
  const base = thickness.read(useWatch({ name: 'thicknessMm' }) as string, lengths.style)
  const fault = formState.errors['leaves']?.message
  const exactly = (valueMm: number) => ({ valueMm, spreadMm: 0 })
  const settings = settingsOf(
    { id: '', name, thickness: exactly(base.ok ? (base.value ?? 0) : 0) },
    leaves.map((leaf) => ({ name: leaf.name, thickness: exactly(leaf.thicknessMm) })),
  )
  const set = (next: Leaves) => setValue('leaves', next, { shouldDirty: true, shouldValidate: formState.isSubmitted })
  const change = (at: number, leaf: Partial<Leaves[number]>) =>
    set(leaves.map((each, index) => (index === at ? { ...each, ...leaf } : each)))
  return (
    <fieldset className="flex flex-col gap-2 sm:col-span-2">
      <legend className="mb-1 font-bold">{t('shelf.leaves.title')}</legend>
      <p className="text-sm text-ink-soft">{t('shelf.leaves.hint')}</p>
      {leaves.map((leaf, at) => (
        <div key={at} className="flex flex-wrap items-center gap-2">
          <input
            aria-label={t('shelf.leaves.name')}
            className={`${boxClass} max-w-64`}
            value={leaf.name}
            onChange={(event) => change(at, { name: event.target.value })}
          />
          <LengthInput
            label={t('shelf.leaves.thickness')}
            mm={leaf.thicknessMm}
            leastMm={0.01}
            shown={lengths.thickness}
            onChange={(thicknessMm) => change(at, { thicknessMm, measuredBy: 'caliper' })}
          />
          <IconButton label={t('shelf.leaves.take')} onClick={() => set(leaves.filter((_, index) => index !== at))}>
            <X aria-hidden size={18} />
          </IconButton>
        </div>
      ))}
      {typeof fault === 'string' && <Fault>{fault}</Fault>}
      {leaves.length > 0 && (
        <ul aria-label={t('shelf.leaves.settings')} className="max-w-md">
          {settings.map((each) => (
            <li key={each.id} className="flex justify-between gap-4 border-b border-line py-1">
              <span>{each.name}</span>
              <span className="tabular-nums">{lengths.thickness(each.thickness.valueMm)}</span>
            </li>
          ))}
        </ul>
      )}
      {leaves.length < MOST_LEAVES && (
        <Button
          look="quiet"
          className="self-start"
          icon={<Plus aria-hidden size={18} />}
          onClick={() =>
            set([
              ...leaves,
              { name: t('shelf.leaves.called', { count: leaves.length + 1 }), thicknessMm: 3, measuredBy: 'table' },
            ])
          }
        >
          {t('shelf.leaves.add')}
        </Button>
      )}
    </fieldset>
  )
}
