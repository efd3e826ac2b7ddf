import { type BorderFault, borderFeeds, borderMargins, type EdgePhase, edgePhases } from '@bold-heron/core'
import type { BorderOfRun } from '@bold-heron/schema'
import type { ReactNode } from 'react'
import { useTranslation } from 'react-i18next'
import { useLengths } from '../../../text/lengths.js'
import { Button } from '../../../ui/Button.js'
import { Choice } from '../../../ui/Choice.js'
import { LengthInput } from '../../../ui/form/LengthInput.js'
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

/** What a border is worked out from: strip, die, overlaps, feed and edges, each fault at its field. */
export const BorderSettings = ({
  border,
  faults,
  found,
  beside,
  isWidthWorkedOut = false,
  onChange,
  children,
}: {
  readonly border: BorderInHand
  readonly faults: readonly BorderFault[]
  /** The pitch that was found in the die's lines, mm. */
  readonly found: number | undefined
  readonly onChange: (change: Partial<BorderInHand>) => void
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
  const length = (name: keyof BorderInHand & `${string}Mm`, leastMm = 0) => (
    <div>
      <LengthInput
        label={t(`place.border.field.${name as 'pitchMm'}`)}
        mm={border[name] ?? 0}
        leastMm={leastMm}
        onChange={(mm) => onChange({ [name]: mm })}
      />
      {faultAt(name) && (
        <p role="alert" className="text-sm text-danger">
          <span aria-hidden>▲ </span>
          {t(`place.border.fault.${(faultAt(name) as BorderFault).code}`, {
            limit: typeof faultAt(name)?.limit === 'number' ? lengths.place(faultAt(name)?.limit as number) : '',
          })}
        </p>
      )}
    </div>
  )
  return (
    <Panel title={t('place.border.settings')}>
      <div className="space-y-3">
        <div className="grid grid-cols-2 gap-3">
          {length('stripLengthMm', 1)}
          {isWidthWorkedOut ? (
            <p className="self-end pb-2">
              {t('place.border.stripWorkedOut', { width: lengths.place(border.stripWidthMm) })}
            </p>
          ) : (
            length('stripWidthMm', 12)
          )}
          {length('marginStartMm')}
          {length('marginEndMm')}
          {length('pitchMm')}
          {length('mayMoveStartMm')}
        </div>
        <p className="text-sm text-ink-soft">
          {found === undefined
            ? t('place.border.noPitch')
            : Math.abs(found - border.pitchMm) < 0.005
              ? t('place.border.pitchFound', { pitch: lengths.place(found) })
              : t('place.border.pitchOther', { pitch: lengths.place(found) })}{' '}
          {found !== undefined && Math.abs(found - border.pitchMm) >= 0.005 && (
            <Button look="quiet" onClick={() => onChange({ pitchMm: found })}>
              {t('place.border.takePitch')}
            </Button>
          )}
        </p>
        <div>
          <p className="mb-1 text-sm">{t('place.border.margins')}</p>
          <Choice
            label={t('place.border.margins')}
            value={border.margins}
            options={borderMargins.map((margins) => ({
              value: margins,
              text: t(`place.border.marginsHow.${margins}`),
            }))}
            onChange={(margins) => onChange({ margins })}
          />
        </div>
        <details>
          <summary className="min-h-9 cursor-pointer">{t('place.border.overlaps')}</summary>
          <div className="grid grid-cols-2 gap-3">
            <LengthInput
              label={t('place.border.field.leastOverlapMm')}
              mm={border.leastOverlapMm ?? border.pitchMm}
              leastMm={0}
              onChange={(leastOverlapMm) => onChange({ leastOverlapMm })}
            />
            <LengthInput
              label={t('place.border.field.mostOverlapMm')}
              mm={border.mostOverlapMm ?? 4 * border.pitchMm}
              leastMm={0}
              onChange={(mostOverlapMm) => onChange({ mostOverlapMm })}
            />
          </div>
          {(['leastOverlapMm', 'mostOverlapMm'] as const).map((name) => {
            const fault = faultAt(name)
            return (
              fault && (
                <p key={name} role="alert" className="text-sm text-danger">
                  <span aria-hidden>▲ </span>
                  {t(`place.border.fault.${fault.code}`, { limit: lengths.place(Number(fault.limit)) })}
                </p>
              )
            )
          })}
        </details>
        <div>
          <p className="mb-1 text-sm">{t('place.border.feed')}</p>
          <Choice
            label={t('place.border.feed')}
            value={border.feed}
            options={borderFeeds.map((feed) => ({ value: feed, text: t(`place.border.feeds.${feed}`) }))}
            onChange={(feed) => onChange({ feed })}
          />
        </div>
        <div>
          <p className="mb-1 text-sm">{t('place.border.edges')}</p>
          <Choice
            label={t('place.border.edges')}
            value={border.edges}
            options={(['one', 'both'] as const).map((each) => ({
              value: each,
              text: t(`place.border.edgesHow.${each}`),
            }))}
            onChange={(each) => onChange({ edges: each })}
          />
        </div>
        {border.edges === 'both' && (
          <div>
            <p className="mb-1 text-sm">{t('place.border.phase')}</p>
            <Choice
              label={t('place.border.phase')}
              value={border.phase}
              options={edgePhases.map((phase) => ({ value: phase, text: t(`place.border.phases.${phase}`) }))}
              onChange={(phase) => onChange({ phase })}
            />
          </div>
        )}
        {beside}
        {children}
      </div>
    </Panel>
  )
}
