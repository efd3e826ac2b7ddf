import { useLengths } from '../../text/lengths.js'
import { editLine, editRun, linesOnCard, padOnLine, type PlacedRun } from '@bold-heron/core'
import { useTranslation } from 'react-i18next'
import { RowPicker } from '../../drawing/pick/RowPicker.js'
import { Choice } from '../../ui/Choice.js'
import { Field } from '../../ui/Field.js'
import { LengthInput, NumberInput } from '../../ui/form/LengthInput.js'
import { dieFinder } from './dies-of.js'
import type { PanelProps } from './panel-props.js'
import { RowFields } from './RowFields.js'

/** The pencil line of the run in hand, and the pad that is laid on it. */
export const LineFields = (props: PanelProps) => {
  const { t } = useTranslation()
  const { placement, things, onChange } = props
  const lengths = useLengths()
  const dieOf = dieFinder(props)
  const run = placement.runs[placement.runInHand] as PlacedRun
  const { line } = run
  if (run.region !== 'to-line' || !line) return null
  const pads = things.request.shelf.filter((plate) => plate.kind === 'cutting-pad')
  const pad = pads.find((each) => each.id === run.padId)
  const lines = run.dies.flatMap((laid) => {
    const die = dieOf(laid.dieId)
    return die ? linesOnCard(die, laid, run.face) : []
  })
  const laidPad = pad && padOnLine(pad, line, lines)
  return (
    <section className="space-y-1">
      <h2 className="font-bold text-base">{t('place.things.lineTitle')}</h2>
      <div className="flex gap-2">
        <LengthInput label={t('place.things.y')} mm={line.yMm} onChange={(yMm) => onChange(editLine({ yMm }))} />
        {line.angleDeg % 180 !== 0 && (
          <LengthInput label={t('place.things.x')} mm={line.xMm} onChange={(xMm) => onChange(editLine({ xMm }))} />
        )}
        <NumberInput
          label={t('place.things.angle')}
          value={line.angleDeg}
          step={1}
          least={-180}
          most={180}
          onChange={(angleDeg) => onChange(editLine({ angleDeg }), 'slant')}
        />
      </div>
      <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
        <span>{t('place.things.presses')}</span>
        <Choice
          label={t('place.things.presses')}
          value={line.presses}
          options={(['above', 'below'] as const).map((side) => ({
            value: side,
            text: t(`place.things.pressed.${side}`),
          }))}
          onChange={(presses) => onChange(editLine({ presses }))}
        />
      </div>
      <Field label={t('place.things.pad')} className="gap-0.5">
        {(ids) => (
          <RowPicker
            kind="plates"
            label={t('place.things.pad')}
            ids={ids}
            any={t('place.things.anyPad')}
            among={({ id }) => pads.some((each) => each.id === id)}
            value={run.padId ?? ''}
            onPick={(id) => onChange(editRun((each) => ({ ...each, padId: id === '' ? null : id })))}
          />
        )}
      </Field>
      {laidPad && (
        <p className="text-sm text-ink-soft">
          {laidPad.bevelMm > 0
            ? t('place.things.padText', { bevel: lengths.place(laidPad.bevelMm) })
            : t('place.things.padSquare')}
        </p>
      )}
      <RowFields {...props} />
    </section>
  )
}
