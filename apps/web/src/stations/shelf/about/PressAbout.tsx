import type { KnownGoodStackRow, PressRow } from '@bold-heron/schema'
import { useTranslation } from 'react-i18next'
import { Link } from 'react-router'
import { useEveryRow } from '../../../data/rows.js'
import { useLengths } from '../../../text/lengths.js'
import { Panel } from '../../../ui/Panel.js'
import { sayKnown } from '../known-good/say-known.js'
import { sumOfKnown } from '../known-good/known-stack.js'
import { usePlates } from '../known-good/use-plates.js'
import { JobsWith } from './JobsWith.js'

/** A stack that does well on the press: what it is for, and its plates from the bottom up. */
const Known = ({ stack }: { readonly stack: KnownGoodStackRow }) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const { byId } = usePlates()
  return (
    <li className="border-b border-line py-2 last:border-b-0">
      <p>{sayKnown(t, lengths, stack, sumOfKnown(stack, byId).heightMm)}</p>
      <p className="text-sm text-ink-soft">
        {stack.plateIds.map((id) => byId.get(id)?.name ?? '?').join(' · ')} · {t(`words.knownFrom.${stack.from}`)}
      </p>
    </li>
  )
}

/** The wall charts of the press, which have its base stacks. */
const ChartsOf = ({ pressId }: { readonly pressId: string }) => {
  const { t } = useTranslation()
  const charts = (useEveryRow('charts').data ?? []).filter((chart) => chart.pressId === pressId)
  if (charts.length === 0) return null
  return (
    <p className="mt-2">
      {t('shelf.about.charts')}{' '}
      {charts.map(({ id, name }, at) => (
        <span key={id}>
          {at > 0 && ' · '}
          <Link to={`/wall/charts/${id}`} className="font-bold">
            {name}
          </Link>
        </span>
      ))}
    </p>
  )
}

/** What there is to tell of a press, before anybody wants to change it. */
export const PressAbout = ({ row }: { readonly row: PressRow }) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  return (
    <>
      <Panel title={row.name}>
        <p>
          {t(`words.pressClass.${row.pressClass}`)} · {t('shelf.about.throat', { width: lengths.size(row.throatMm) })}
          {row.lowMiddleMm ? ` · ${t('shelf.about.lowMiddle', { by: lengths.thickness(row.lowMiddleMm) })}` : ''}
        </p>
        <h3 className="mt-3 font-bold">{t('shelf.known.title')}</h3>
        {row.knownGood.length === 0 ? (
          <p className="text-ink-soft">{t('shelf.about.noKnown')}</p>
        ) : (
          <ul>
            {row.knownGood.map((stack, at) => (
              <Known key={at} stack={stack} />
            ))}
          </ul>
        )}
        <ChartsOf pressId={row.id} />
      </Panel>
      <JobsWith of="press" id={row.id} />
    </>
  )
}
