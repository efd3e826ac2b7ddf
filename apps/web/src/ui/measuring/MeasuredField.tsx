import { type MeasuredMm, parseLength, printExact } from '@bold-heron/core'
import { Ruler } from 'lucide-react'
import { type ReactNode, useState } from 'react'
import { useFormContext } from 'react-hook-form'
import { useTranslation } from 'react-i18next'
import { useLengths } from '../../text/lengths.js'
import { Button } from '../Button.js'
import { LengthField } from '../form/fields.js'
import { MeasureDialog } from './MeasureDialog.js'

/** mm. What a simulated caliper is given to hold while nothing is typed. */
const SOMETHING_MM = 1

/** A thickness that can be typed, or read off a connected caliper; then it is known by caliper. */
export const MeasuredField = ({
  name,
  knownBy,
  label,
  hint,
}: {
  readonly name: string
  /** The field that says how it is known. */
  readonly knownBy: string
  readonly label: string
  readonly hint?: ReactNode
}) => {
  const { t } = useTranslation()
  const { style } = useLengths()
  const { getValues, setValue } = useFormContext()
  const [open, setOpen] = useState(false)
  const typed = (): number => {
    const read = parseLength(String(getValues(name) ?? ''), style.unit)
    return read.ok && read.value.mm > 0 ? read.value.mm : SOMETHING_MM
  }
  const take = ({ valueMm }: MeasuredMm) => {
    const dirty = { shouldDirty: true, shouldValidate: true, shouldTouch: true }
    setValue(name, printExact(Math.round(valueMm * 1000) / 1000, style.unit), dirty)
    setValue(knownBy, 'caliper', dirty)
    setOpen(false)
  }
  return (
    <div>
      <LengthField name={name} measures="thickness" label={label} hint={hint} />
      <Button
        look="quiet"
        className="min-h-9! px-2!"
        icon={<Ruler aria-hidden size={16} />}
        aria-label={`${t('common.measure.open')}: ${label}`}
        onClick={() => setOpen(true)}
      >
        {t('common.measure.open')}
      </Button>
      {open && <MeasureDialog aboutMm={typed()} onTake={take} onClose={() => setOpen(false)} />}
    </div>
  )
}
