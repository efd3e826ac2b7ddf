import { sectionOf } from '@bold-heron/core'
import { Plus } from 'lucide-react'
import { useTranslation } from 'react-i18next'
import { BuildSectionDrawing } from './BuildSectionDrawing.js'
import { useEveryRow, useRowsById } from '../../data/rows.js'
import { useLengths } from '../../text/lengths.js'
import { ButtonLink } from '../../ui/Button.js'
import { RecordList } from '../../ui/record/RecordList.js'
import { Empty } from '../../ui/states.js'
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
      <RecordList
        query={builds}
        what={t('cards.loading')}
        to="/cards/builds"
        empty={<Empty title={t('cards.emptyTitle')}>{t('cards.emptyText')}</Empty>}
      >
        {(build) => {
          const layers = layersOf(build, sheets, (at) => t('cards.build.layer', { count: at + 1 }))
          const section = sectionOf(layers)
          return (
            <>
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
            </>
          )
        }}
      </RecordList>
    </>
  )
}
