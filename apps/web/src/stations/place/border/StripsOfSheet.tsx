import { waysToCutStrips } from '@bold-heron/core'
import { useTranslation } from 'react-i18next'
import { useRow } from '../../../data/rows.js'
import { useLengths } from '../../../text/lengths.js'
import { Panel } from '../../../ui/Panel.js'

/** How many strips a sheet gives, which way they are cut from it, and what that means for its fibres. */
export const StripsOfSheet = ({
  sheetId,
  lengthMm,
  widthMm,
}: {
  readonly sheetId: string
  readonly lengthMm: number
  readonly widthMm: number
}) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const sheet = useRow('sheets', sheetId).data
  if (!sheet) return null
  const ways = waysToCutStrips(sheet, { lengthMm, widthMm })
  const size = lengths.area(sheet.lengthMm, sheet.widthMm)
  return (
    <Panel title={t('place.border.strips.title')}>
      {ways.length === 0 && <p>{t('place.border.strips.none', { sheet: sheet.name, size })}</p>}
      <ul>
        {ways.map(({ along, withGrain, strips }) => (
          <li key={along}>
            {t('place.border.strips.gives', {
              count: strips,
              sheet: sheet.name,
              size,
              side: t(`place.border.strips.along.${along}`),
            })}{' '}
            {t(
              withGrain === undefined
                ? 'place.border.strips.grainUnknown'
                : withGrain
                  ? 'place.border.strips.withGrain'
                  : 'place.border.strips.acrossGrain',
            )}
          </li>
        ))}
      </ul>
    </Panel>
  )
}
