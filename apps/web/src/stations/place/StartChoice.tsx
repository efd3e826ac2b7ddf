import { MM_PER_INCH, type Placement, startKinds, startPlacement, USUAL_OVERLAP_MM } from '@bold-heron/core'
import { type JobRow, runInHandOf, type PlaceRequest } from '@bold-heron/schema'
import { useTranslation } from 'react-i18next'
import { useLengthStyle } from '../../data/house-rules.js'

/** mm. On a ruler in inches letters reach over the line by a sixteenth. Common practice, no source. */
const INCH_OVERLAP_MM = MM_PER_INCH / 16

/** The ways to begin laying out a job that has no placement yet. */
export const StartChoice = ({
  job,
  things,
  onBegin,
}: {
  readonly job: JobRow
  readonly things: PlaceRequest
  readonly onBegin: (placement: Placement) => void
}) => {
  const { t } = useTranslation()
  const { unit } = useLengthStyle()
  const dies = runInHandOf(job).dieIds.flatMap((id) => things.dies.find((die) => die.id === id) ?? [])
  const names = { first: t('place.run.newName', { count: 1 }), second: t('place.run.newName', { count: 2 }) }
  return (
    <section className="mx-auto max-w-3xl py-6">
      <h2 className="text-2xl">{t('place.start.title', { name: job.name })}</h2>
      <p className="mt-1 mb-4 text-ink-soft">{t('place.start.text')}</p>
      <ul className="grid gap-3 sm:grid-cols-2">
        {startKinds.map((kind) => (
          <li key={kind}>
            <button
              type="button"
              className="h-full w-full rounded-lg border border-ink/40 bg-leaf p-4 text-left hover:bg-sunk"
              onClick={() =>
                onBegin(startPlacement(kind, dies, names, unit === 'in' ? INCH_OVERLAP_MM : USUAL_OVERLAP_MM))
              }
            >
              <span className="block font-display text-lg font-semibold">{t(`place.start.${kind}`)}</span>
              <span className="text-ink-soft">{t(`place.start.${kind}Text`)}</span>
            </button>
          </li>
        ))}
      </ul>
    </section>
  )
}
