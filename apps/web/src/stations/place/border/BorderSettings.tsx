import { type BorderFault, borderFeeds, borderMargins, type EdgePhase, edgePhases } from '@bold-heron/core'
import type { BorderOfRun } from '@bold-heron/schema'
import type { ComponentProps, ReactNode } from 'react'
import { useTranslation } from 'react-i18next'
import { useLengths } from '../../../text/lengths.js'
import { Button } from '../../../ui/Button.js'
import { Choice } from '../../../ui/Choice.js'
import { LengthInput } from '../../../ui/form/LengthInput.js'
import { Fault } from '../../../ui/Notice.js'
import { Panel } from '../../../ui/Panel.js'

/** A border as it is being set: what is as usual may be left out. */
export type BorderInHand = Omit<
  BorderOfRun,
  'leastOverlapMm' | 'mostOverlapMm' | 'mayMoveStartMm' | 'startShiftMm' | 'toMiddle'
> & {
  readonly startShiftMm?: number
  readonly toMiddle?: EdgePhase
  readonly leastOverlapMm?: number
  readonly mostOverlapMm?: number
  readonly mayMoveStartMm?: number
}

interface OfBorder {
  readonly border: BorderInHand
  readonly onChange: (change: Partial<BorderInHand>) => void
}

/** What is wrong at a field, and its limit. */
const FaultOfField = ({ fault }: { readonly fault: BorderFault | undefined }) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  if (!fault) return null
  const limit = typeof fault.limit === 'number' ? lengths.place(fault.limit) : ''
  return <Fault className="text-sm">{t(`place.border.fault.${fault.code}`, { limit })}</Fault>
}

/** One of several under its question. */
const Asked = <Value extends string>({
  label,
  ...choice
}: { readonly label: string } & Omit<ComponentProps<typeof Choice<Value>>, 'label'>) => (
  <div>
    <p className="mb-1 text-sm">{label}</p>
    <Choice<Value> label={label} {...choice} />
  </div>
)

/** Pitches nearer than this are one, mm. */
const SAME_PITCH_MM = 0.005

/** The pitch that was found in the die's lines, and whether it is the one that is set. */
const PitchFound = ({ border, found, onChange }: OfBorder & { readonly found: number | undefined }) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  if (found === undefined) return <p className="text-sm text-ink-soft">{t('place.border.noPitch')}</p>
  const isSame = Math.abs(found - border.pitchMm) < SAME_PITCH_MM
  return (
    <p className="text-sm text-ink-soft">
      {t(isSame ? 'place.border.pitchFound' : 'place.border.pitchOther', { pitch: lengths.place(found) })}{' '}
      {!isSame && (
        <Button look="quiet" onClick={() => onChange({ pitchMm: found })}>
          {t('place.border.takePitch')}
        </Button>
      )}
    </p>
  )
}

/** What a border is worked out from: strip, die, overlaps, feed and edges, each fault at its field. */
export const BorderSettings = ({
  border,
  faults,
  found,
  beside,
  isWidthWorkedOut = false,
  onChange,
  children,
}: OfBorder & {
  readonly faults: readonly BorderFault[]
  /** The pitch that was found in the die's lines, mm. */
  readonly found: number | undefined
  /** What is set of edges that another die cuts. */
  readonly beside?: ReactNode
  /** Whether the strip's width follows from the ribbon's. */
  readonly isWidthWorkedOut?: boolean
  /** What can be done with it all. */
  readonly children: ReactNode
}) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const faultAt = (path: string): BorderFault | undefined => faults.find((fault) => fault.path === path)
  const length = (name: keyof BorderInHand & `${string}Mm`, { leastMm = 0, mm = border[name] ?? 0 } = {}) => (
    <div>
      <LengthInput
        label={t(`place.border.field.${name as 'pitchMm'}`)}
        mm={mm}
        leastMm={leastMm}
        onChange={(changed) => onChange({ [name]: changed })}
      />
      <FaultOfField fault={faultAt(name)} />
    </div>
  )
  return (
    <Panel title={t('place.border.settings')}>
      <div className="space-y-3">
        <div className="grid grid-cols-2 gap-3">
          {length('stripLengthMm', { leastMm: 1 })}
          {isWidthWorkedOut ? (
            <p className="self-end pb-2">
              {t('place.border.stripWorkedOut', { width: lengths.place(border.stripWidthMm) })}
            </p>
          ) : (
            length('stripWidthMm', { leastMm: 12 })
          )}
          {length('marginStartMm')}
          {length('marginEndMm')}
          {length('pitchMm')}
          {length('mayMoveStartMm')}
        </div>
        <PitchFound border={border} found={found} onChange={onChange} />
        <Asked
          label={t('place.border.margins')}
          value={border.margins}
          options={borderMargins.map((margins) => ({ value: margins, text: t(`place.border.marginsHow.${margins}`) }))}
          onChange={(margins) => onChange({ margins })}
        />
        <details>
          <summary className="min-h-9 cursor-pointer">{t('place.border.overlaps')}</summary>
          <div className="grid grid-cols-2 gap-3">
            {length('leastOverlapMm', { mm: border.leastOverlapMm ?? border.pitchMm })}
            {length('mostOverlapMm', { mm: border.mostOverlapMm ?? 4 * border.pitchMm })}
          </div>
        </details>
        <Asked
          label={t('place.border.feed')}
          value={border.feed}
          options={borderFeeds.map((feed) => ({ value: feed, text: t(`place.border.feeds.${feed}`) }))}
          onChange={(feed) => onChange({ feed })}
        />
        <Asked
          label={t('place.border.edges')}
          value={border.edges}
          options={(['one', 'both'] as const).map((each) => ({
            value: each,
            text: t(`place.border.edgesHow.${each}`),
          }))}
          onChange={(edges) => onChange({ edges })}
        />
        {border.edges === 'both' && (
          <Asked
            label={t('place.border.phase')}
            value={border.phase}
            options={edgePhases.map((phase) => ({ value: phase, text: t(`place.border.phases.${phase}`) }))}
            onChange={(phase) => onChange({ phase })}
          />
        )}
        {beside}
        {children}
      </div>
    </Panel>
  )
}
