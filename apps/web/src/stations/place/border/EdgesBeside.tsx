import { type EdgePhase, edgePhases } from '@bold-heron/core'
import type { PlaceRequest } from '@bold-heron/schema'
import { useTranslation } from 'react-i18next'
import { RowPicker } from '../../../drawing/pick/RowPicker.js'
import { Choice } from '../../../ui/Choice.js'
import { Field } from '../../../ui/Field.js'
import { useLengths } from '../../../text/lengths.js'
import { LengthInput } from '../../../ui/form/LengthInput.js'
import type { EdgesInHand } from './ribbon-in-hand.js'
import { Fault } from '../../../ui/Notice.js'

/** A die that cuts both edges of the ribbon in a run of its own: how far apart, and in what phase to the middle and to one another. */
export const EdgesBeside = ({
  edges,
  things,
  middleId,
  leastWidthMm,
  isTooNarrow,
  isInPhase,
  onChange,
}: {
  readonly edges: EdgesInHand | undefined
  readonly things: PlaceRequest
  readonly middleId: string | undefined
  readonly leastWidthMm: number
  readonly isTooNarrow: boolean
  readonly isInPhase: boolean
  readonly onChange: (edges: EdgesInHand | undefined) => void
}) => {
  const lengths = useLengths()
  const { t } = useTranslation()
  const phaseChoice = (label: string, value: EdgePhase, set: (phase: EdgePhase) => void) => (
    <div>
      <p className="mb-1 text-sm">{label}</p>
      <Choice
        label={label}
        value={value}
        options={edgePhases.map((phase) => ({ value: phase, text: t(`place.border.phases.${phase}`) }))}
        onChange={set}
      />
    </div>
  )
  return (
    <section className="space-y-3 rounded-md border border-line p-3">
      <h3 className="font-bold">{t('place.border.beside.title')}</h3>
      <Field label={t('place.border.beside.die')}>
        {(ids) => (
          <RowPicker
            kind="dies"
            label={t('place.border.beside.die')}
            ids={ids}
            any={t('place.border.beside.none')}
            among={({ id }) =>
              id !== middleId && things.dies.some((die) => die.id === id && die.dieClass === 'thin-border')
            }
            value={edges?.dieId ?? ''}
            onPick={(dieId) =>
              onChange(
                dieId === ''
                  ? undefined
                  : { widthMm: 2 * leastWidthMm, toMiddle: 'matched', phase: 'matched', ...edges, dieId },
              )
            }
          />
        )}
      </Field>
      {edges && (
        <>
          <LengthInput
            label={t('place.border.beside.width')}
            mm={edges.widthMm}
            leastMm={12}
            onChange={(widthMm) => onChange({ ...edges, widthMm })}
          />
          {isTooNarrow && (
            <Fault className="text-sm">
              {t('place.border.beside.tooNarrow', { least: lengths.place(leastWidthMm) })}
            </Fault>
          )}
          {isInPhase ? (
            phaseChoice(t('place.border.beside.toMiddle'), edges.toMiddle, (toMiddle) =>
              onChange({ ...edges, toMiddle }),
            )
          ) : (
            <p className="text-sm text-ink-soft">{t('place.border.beside.noPhase')}</p>
          )}
          {phaseChoice(t('place.border.phase'), edges.phase, (phase) => onChange({ ...edges, phase }))}
        </>
      )}
    </section>
  )
}
