import { sectionOf } from '@bold-heron/core'
import { Plus } from 'lucide-react'
import { useTranslation } from 'react-i18next'
import { Link } from 'react-router'
import { BuildSectionDrawing } from './BuildSectionDrawing.js'
import { useEveryRow, useRowsById } from '../../data/rows.js'
import { useLengths } from '../../text/lengths.js'
import { ButtonLink } from '../../ui/Button.js'
import { Empty, Loaded } from '../../ui/states.js'
import { layersOf } from './layers-of.js'

/** Everything that is made of several layers, each with how far it is. */
export const Component = () => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const builds = useEveryRow('builds')
  const sheets = useRowsById('sheets')
  return (
    <>
      <div className="mb-3 flex justify-end">
        <ButtonLink look="next" to="/cards/builds/new" icon={<Plus aria-hidden size={18} />}>
          {t('cards.add')}
        </ButtonLink>
      </div>
      <Loaded query={builds} what={t('cards.loading')}>
        {(rows) =>
          rows.length === 0 ? (
            <Empty title={t('cards.emptyTitle')}>{t('cards.emptyText')}</Empty>
          ) : (
            <ul className="grid gap-3 md:grid-cols-2">
              {rows.map((build) => {
                const layers = layersOf(build, sheets, (at) => t('cards.build.layer', { count: at + 1 }))
                const section = sectionOf(layers)
                return (
                  <li key={build.id} className="rounded-lg border border-line p-3">
                    <Link to={`/cards/builds/${build.id}`} className="font-display text-lg font-semibold">
                      {build.name}
                    </Link>
                    <BuildSectionDrawing layers={layers} section={section} />
                    <p>
                      {t('cards.summary', {
                        count: build.wanted,
                        layers: build.layers.length,
                        height: lengths.thickness(section.heightMm),
                      })}
                    </p>
                    <ul className="text-sm text-ink-soft">
                      {build.jobs.map((job) => (
                        <li key={job.id}>{t('cards.progress', { job: job.name, cut: job.cut, wanted: job.wanted })}</li>
                      ))}
                    </ul>
                  </li>
                )
              })}
            </ul>
          )
        }
      </Loaded>
    </>
  )
}
