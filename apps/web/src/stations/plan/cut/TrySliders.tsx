import type { CutContext } from '@bold-heron/core'
import { useTranslation } from 'react-i18next'
import { useLengths } from '../../../text/lengths.js'
import { Button } from '../../../ui/Button.js'
import { Slider } from '../../../ui/Slider.js'
import { asPlanned, MOST_TRIED_SHEETS, type TryValues } from './try-values.js'

/** mm. Shims within this are tried. */
const SHIM_RANGE_MM = 0.6

/** Sheet, shims and turn of the die, tried without changing the plan. */
export const TrySliders = ({
  cut,
  values,
  squeezeMm,
  onChange,
}: {
  readonly cut: CutContext
  readonly values: TryValues
  readonly squeezeMm: number
  readonly onChange: (values: TryValues) => void
}) => {
  const lengths = useLengths()
  const { t } = useTranslation()
  const planned = asPlanned(cut)
  const set = (changed: Partial<TryValues>) => onChange({ ...values, ...changed })
  const isPlanned = (Object.keys(planned) as (keyof TryValues)[]).every((name) => planned[name] === values[name])
  return (
    <div className="grid gap-x-5 gap-y-1 sm:grid-cols-2">
      <Slider
        label={t('plan.try.caliper')}
        shown={lengths.thickness(values.caliperMm)}
        value={values.caliperMm}
        least={Math.round(planned.caliperMm * 50) / 100}
        most={Math.round(planned.caliperMm * 200) / 100}
        step={0.005}
        marks={[planned.caliperMm]}
        onChange={(caliperMm) => set({ caliperMm })}
      />
      <Slider
        label={t('plan.try.sheets')}
        shown={String(values.sheetCount)}
        value={values.sheetCount}
        least={1}
        most={Math.max(MOST_TRIED_SHEETS, planned.sheetCount)}
        step={1}
        marks={[planned.sheetCount]}
        onChange={(sheetCount) => set({ sheetCount })}
      />
      <Slider
        label={t('plan.try.squeeze')}
        shown={lengths.thickness(squeezeMm)}
        value={values.shimMm}
        least={-SHIM_RANGE_MM}
        most={SHIM_RANGE_MM}
        step={0.01}
        marks={[0]}
        onChange={(shimMm) => set({ shimMm: Math.round(shimMm * 100) / 100 })}
      />
      <Slider
        label={t('plan.try.rotation')}
        shown={t('plan.try.degrees', { degrees: values.rotationDeg })}
        value={values.rotationDeg}
        least={-90}
        most={90}
        step={1}
        marks={[0]}
        onChange={(rotationDeg) => set({ rotationDeg })}
      />
      <p className="self-center text-sm text-ink-soft sm:col-span-2">
        {isPlanned ? (
          t('plan.try.hint')
        ) : (
          <Button className="min-h-9! py-1!" onClick={() => onChange(planned)}>
            {t('plan.try.back')}
          </Button>
        )}
      </p>
    </div>
  )
}
