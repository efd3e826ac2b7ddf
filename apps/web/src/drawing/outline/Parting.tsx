import type { DieRow } from '@bold-heron/schema'
import { useTranslation } from 'react-i18next'
import { useParting, useStoredOutline } from '../../data/outlines.js'
import { useLengths } from '../../text/lengths.js'
import { OutlineDrawing } from './OutlineDrawing.js'

/** Where a collage of connected pieces is snipped apart, on the die's lines; nothing where it is of one part. */
export const Parting = ({ row }: { readonly row: DieRow }) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const places = useParting(row).data ?? []
  const view = useStoredOutline(row).data?.view
  if (!view || places.length === 0) return null
  return (
    <section className="mt-3">
      <h3 className="font-bold">{t('common.parting.title', { count: places.length })}</h3>
      <p>{t('common.parting.text', { across: places.map(({ acrossMm }) => lengths.size(acrossMm)).join(', ') })}</p>
      <OutlineDrawing
        view={view}
        spoken={t('common.parting.spoken', { name: row.name })}
        className="mt-2 block w-72 max-w-full"
      >
        {places.map(({ from, to }) => (
          <line
            key={from.join(' ')}
            x1={from[0]}
            y1={from[1]}
            x2={to[0]}
            y2={to[1]}
            stroke="var(--color-danger)"
            strokeWidth={3}
            vectorEffect="non-scaling-stroke"
          />
        ))}
      </OutlineDrawing>
    </section>
  )
}
