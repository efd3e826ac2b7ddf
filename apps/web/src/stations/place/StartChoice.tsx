import { type StartKind, startKinds, type WantId } from '@bold-heron/core'
import type { JobRow } from '@bold-heron/schema'
import { useTranslation } from 'react-i18next'
import { WantPicture } from '../../drawing/WantPicture.js'

const Way = ({
  picture,
  title,
  text,
  onBegin,
}: {
  readonly picture: WantId
  readonly title: string
  readonly text: string
  readonly onBegin: () => void
}) => (
  <li>
    <button
      type="button"
      className="flex h-full w-full items-start gap-3 rounded-lg border border-ink/40 bg-leaf p-4 text-left hover:bg-sunk"
      onClick={onBegin}
    >
      <span className="shrink-0">
        <WantPicture of={picture} />
      </span>
      <span>
        <span className="block font-display text-lg font-semibold">{title}</span>
        <span className="text-ink-soft">{text}</span>
      </span>
    </button>
  </li>
)

/** The ways to begin laying out a job that has no placement yet. */
export const StartChoice = ({
  job,
  onBegin,
  onBorder,
}: {
  readonly job: JobRow
  readonly onBegin: (kind: StartKind) => void
  readonly onBorder: () => void
}) => {
  const { t } = useTranslation()
  return (
    <section className="mx-auto max-w-3xl py-6">
      <h2 className="text-2xl">{t('place.start.title', { name: job.name })}</h2>
      <p className="mt-1 mb-4 text-ink-soft">{t('place.start.text')}</p>
      <ul className="grid gap-3 sm:grid-cols-2">
        {startKinds.map((kind) => (
          <Way
            key={kind}
            picture={kind}
            title={t(`place.start.${kind}`)}
            text={t(`place.start.${kind}Text`)}
            onBegin={() => onBegin(kind)}
          />
        ))}
        <Way picture="border" title={t('place.border.start')} text={t('place.border.startText')} onBegin={onBorder} />
      </ul>
    </section>
  )
}
