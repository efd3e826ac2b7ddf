import { useTranslation } from 'react-i18next'
import { percent } from '../../text/say-cut.js'
import { CutMapDrawing, LineSample } from './CutMapDrawing.js'
import type { MapPaths } from '../../paths/cut-map-paths.js'

/** The cut map after one pass, with its legend. */
export const MapFigure = ({
  paths,
  said,
}: {
  readonly paths: MapPaths
  /** What it shows, in words. */
  readonly said: string
}) => {
  const { t } = useTranslation()
  return (
    <figure>
      <CutMapDrawing
        paths={paths}
        className="mx-auto block h-60 w-full"
        spoken={t('plan.map.spoken', {
          cut: said,
          clean: percent(paths.byState.clean.share),
          nearly: percent(paths.byState.nearly.share),
          hanging: percent(paths.byState.hanging.share),
        })}
      />
      <figcaption className="mt-1">
        <ul className="flex flex-wrap justify-center gap-x-3 text-sm">
          {(['clean', 'nearly', 'hanging'] as const).map((state) => (
            <li key={state} className="flex items-center gap-1.5">
              <LineSample state={state} />
              {t(`plan.map.${state}`)} {percent(paths.byState[state].share)} %
            </li>
          ))}
        </ul>
        <p className="text-center text-sm text-ink-soft">↑ {t('plan.map.seen')}</p>
      </figcaption>
    </figure>
  )
}
