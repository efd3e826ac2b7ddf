import { useTranslation } from 'react-i18next'
import { useLengths } from '../../text/lengths.js'
import { sayCut } from '../../text/say-cut.js'
import { Loaded } from '../../ui/states.js'
import type { Tried } from '../../workers/press.worker.js'
import { MapFigure } from './MapFigure.js'

/** The cut map of a pressing that is being simulated, or that it could not be. */
export const TriedMap = ({ query }: { readonly query: Parameters<typeof Loaded<Tried | null>>[0]['query'] }) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  return (
    <Loaded query={query} what={t('plan.map.loading')}>
      {(tried) =>
        tried?.solved ? (
          <MapFigure paths={tried.paths} said={sayCut(t, lengths, tried)} />
        ) : (
          <p>{t('plan.map.unsolved')}</p>
        )
      }
    </Loaded>
  )
}
