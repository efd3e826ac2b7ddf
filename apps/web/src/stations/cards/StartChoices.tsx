import { sectionOf } from '@bold-heron/core'
import { useTranslation } from 'react-i18next'
import { Link } from 'react-router'
import { BuildSectionDrawing } from './BuildSectionDrawing.js'
import { layersOf } from './layers-of.js'
import { buildOfStart, buildStartIds } from './starts.js'

const noSheets = new Map<string, never>()

/** What most cards begin as, each in section: one is picked, and changed as one likes. */
export const StartChoices = () => {
  const { t } = useTranslation()
  return (
    <>
      <h2 className="mb-3 text-2xl">{t('cards.start.title')}</h2>
      <ul className="grid gap-3 sm:grid-cols-2 xl:grid-cols-4">
        {buildStartIds.map((id) => {
          const build = buildOfStart(id, (layer) => t(`cards.start.layer.${layer}`))
          const layers = layersOf(build, noSheets, () => '')
          return (
            <li key={id}>
              <Link
                to={`/cards/builds/new?from=${id}`}
                className="block h-full rounded-lg border border-line p-3 text-ink no-underline hover:bg-sunk"
              >
                <BuildSectionDrawing layers={layers} section={sectionOf(layers)} bare />
                <span className="block font-display text-lg font-semibold">{t(`cards.start.is.${id}`)}</span>
                <span className="block text-ink-soft">{t(`cards.start.says.${id}`)}</span>
              </Link>
            </li>
          )
        })}
      </ul>
    </>
  )
}
