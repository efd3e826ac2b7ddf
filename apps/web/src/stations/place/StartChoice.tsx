import { type StartKind, startKinds } from '@bold-heron/core'
import type { JobRow } from '@bold-heron/schema'
import { useTranslation } from 'react-i18next'
import { WantPicture } from '../../drawing/WantPicture.js'

/** The ways to begin laying out a job that has no placement yet. */
export const StartChoice = ({
  job,
  onBegin,
}: {
  readonly job: JobRow
  readonly onBegin: (kind: StartKind) => void
}) => {
  const { t } = useTranslation()
  return (
    <section className="mx-auto max-w-3xl py-6">
      <h2 className="text-2xl">{t('place.start.title', { name: job.name })}</h2>
      <p className="mt-1 mb-4 text-ink-soft">{t('place.start.text')}</p>
      <ul className="grid gap-3 sm:grid-cols-2">
        {startKinds.map((kind) => (
          <li key={kind}>
            <button
              type="button"
              className="flex h-full w-full items-start gap-3 rounded-lg border border-ink/40 bg-leaf p-4 text-left hover:bg-sunk"
              onClick={() => onBegin(kind)}
            >
              <span className="shrink-0">
                <WantPicture of={kind} />
              </span>
              <span>
                <span className="block font-display text-lg font-semibold">{t(`place.start.${kind}`)}</span>
                <span className="text-ink-soft">{t(`place.start.${kind}Text`)}</span>
              </span>
            </button>
          </li>
        ))}
      </ul>
    </section>
  )
}
