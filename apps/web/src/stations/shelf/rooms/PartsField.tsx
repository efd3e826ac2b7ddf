import {
  compositeOf,
  compositeParts,
  type CompositePart,
  factsOfPart,
  strengthOfKind,
  type SheetKind,
  type Sheet,
} from '@bold-heron/core'
import type { SheetInput } from '@bold-heron/schema'
import { Plus, X } from 'lucide-react'
import { useFormContext, useWatch } from 'react-hook-form'
import { useTranslation } from 'react-i18next'
import { useLengths } from '../../../text/lengths.js'
import { Button, IconButton } from '../../../ui/Button.js'
import { LengthInput } from '../../../ui/form/LengthInput.js'
import { boxClass } from '../../../ui/Field.js'
import { length } from '../../../ui/form/codec.js'

type Parts = NonNullable<SheetInput['parts']>

const MOST_PARTS = 6
const caliper = length('thickness')

/** What goes through the press with the sheet, as one pile: adhesive behind it, waxed paper on it, a print, or itself folded. */
export const PartsField = () => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const { setValue } = useFormContext()
  const parts = (useWatch({ name: 'parts' }) as Parts | undefined) ?? []
  const kind = useWatch({ name: 'kind' }) as SheetKind
  const typed = useWatch({ name: 'caliperMm' }) as string
  const own = caliper.read(typed, lengths.style)
  const set = (next: Parts) => setValue('parts', next, { shouldDirty: true })
  const change = (at: number, part: Partial<Parts[number]>) =>
    set(parts.map((each, index) => (index === at ? { ...each, ...part } : each)))
  const base: Sheet = {
    id: '',
    name: '',
    kind,
    caliper: { valueMm: own.ok ? (own.value ?? 0.3) : 0.3, spreadMm: 0 },
    ...strengthOfKind(kind),
  }
  return (
    <fieldset className="flex flex-col gap-2 sm:col-span-2">
      <legend className="mb-1 font-bold">{t('shelf.parts.title')}</legend>
      {parts.map(({ part, caliperMm }, at) => (
        <div key={at} className="flex flex-wrap items-center gap-2">
          <select
            aria-label={t('shelf.parts.what')}
            className={`${boxClass} max-w-64`}
            value={part}
            onChange={(event) => change(at, { part: event.target.value as CompositePart, caliperMm: null })}
          >
            {compositeParts.map((each) => (
              <option key={each} value={each}>
                {t(`words.sheetPart.${each}`)}
              </option>
            ))}
          </select>
          <LengthInput
            label={t('shelf.parts.caliper')}
            mm={caliperMm ?? factsOfPart(part, base).caliperMm}
            leastMm={0.01}
            shown={lengths.thickness}
            onChange={(mm) => change(at, { caliperMm: mm })}
          />
          <IconButton label={t('shelf.parts.take')} onClick={() => set(parts.filter((_, index) => index !== at))}>
            <X aria-hidden size={18} />
          </IconButton>
        </div>
      ))}
      {parts.length > 0 && (
        <p>{t('shelf.parts.sum', { caliper: lengths.thickness(compositeOf(base, parts).caliper.valueMm) })}</p>
      )}
      {parts.length < MOST_PARTS && (
        <Button
          look="quiet"
          className="self-start"
          icon={<Plus aria-hidden size={18} />}
          onClick={() => set([...parts, { part: 'adhesive', caliperMm: null }])}
        >
          {t('shelf.parts.add')}
        </Button>
      )}
    </fieldset>
  )
}
