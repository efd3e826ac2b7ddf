import { isFolder } from '@bold-heron/core'
import { placementOf } from '@bold-heron/schema'
import { useTranslation } from 'react-i18next'
import type { AtBench } from '../steps/step.js'

/** The stack from above on its way to the rollers: its marked end first, square to them. */
export const FeedPicture = ({ job, request: { cut } }: AtBench) => {
  const { t } = useTranslation()
  const placement = placementOf(job)
  const leads = placement?.runs[placement.runInHand]?.leads
  const folder = cut.dies.find(({ dieClass }) => isFolder(dieClass))
  const first = leads
    ? t('bench.pictures.edgeFirst', { edge: t(`place.run.edges.${leads}`) })
    : folder
      ? t('bench.pictures.endFirst', { end: t(`words.feedEnd.${folder.feedEnd}`) })
      : t('bench.pictures.markFirst')
  return (
    <figure>
      <svg role="img" aria-label={t('bench.pictures.feed')} viewBox="0 0 100 110" className="block w-full">
        <rect x={6} y={6} width={88} height={18} rx={9} fill="#dfe4e6" stroke="var(--color-ink)" strokeWidth={0.8} />
        <rect x={18} y={36} width={64} height={66} fill="#efe7d6" stroke="var(--color-ink)" strokeWidth={0.8} />
        <rect x={24} y={44} width={52} height={50} fill="#fffdf8" stroke="var(--color-ink)" strokeWidth={0.6} />
        <path d="M18 36h64" stroke="var(--color-accent-deep)" strokeWidth={2.4} />
        <path d="M45 33.5h10l-5-7z" fill="var(--color-accent-deep)" />
        <path d="M50 88V58m-9 10 9-11 9 11" fill="none" stroke="var(--color-accent-deep)" strokeWidth={3} />
        <path d="M18 27v7M82 27v7" stroke="var(--color-ink-soft)" strokeWidth={0.8} strokeDasharray="1.5 1.5" />
      </svg>
      <figcaption className="text-center text-base">{first}</figcaption>
    </figure>
  )
}
